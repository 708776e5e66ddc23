<script lang="ts">
    import { kit } from '@/lib/kit'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import { useKeys, type Key } from '@/lib/keys.svelte'
    import Button from '@/parts/Button.svelte'
    import type { ShareOutPage } from '@/lib/props'

    /** Many or rich, many or varied: how many cards there are of each sort, and the share-out that gives them, one key away. */
    interface Props {
        frontier: ShareOutPage['frontier']
        isSolving: boolean
        stash: boolean
        words: string
        /** It is looked for without being asked. */
        isAsked?: boolean
    }
    let { frontier, isSolving, stash, words, isAsked = false }: Props = $props()

    poll('frontier', () => frontier.isLooking)

    type Choice = ShareOutPage['frontier']['choices'][number]
    const take = (one: Choice): void => sender.send('share-out', () => ({ cards: 'max', stash, words, alike: one.alike, least: one.least }))
    const look = (): void => sender.send('share-out/frontier', {})

    let hasAsked = false
    $effect(() => {
        if (isAsked && !hasAsked && !frontier.isLooking && frontier.choices.length === 0) {
            hasAsked = true
            look()
        }
    })

    useKeys((): Key[] => [
        { key: 'f', shown: 'F', says: 'Find how many cards there can be, and how rich', run: look },
        ...frontier.choices.map((one, n) => ({ key: String(n + 1), says: `Share out ${one.says}`, run: () => take(one) })),
    ])
</script>

{#if frontier.choices.length}
    <ol aria-label="Many or rich in {kit.frame.name}">
        {#each frontier.choices as one, n (one.says)}
            <li>
                <Button key={String(n + 1)} disabled={isSolving} onclick={() => take(one)}>{one.says}</Button>
                <span>{one.proof}</span>
            </li>
        {/each}
    </ol>
    <p>Choosing one shares out again. Cards that are begun or pinned stay.</p>
{:else if frontier.isLooking}
    <p role="status">Finding how many cards there can be, and how rich…</p>
{:else}
    <Button key="F" onclick={look}>Many or rich?</Button>
{/if}

<style>
    ol {
        display: flex;
        flex-wrap: wrap;
        gap: 0.375rem 1.25rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.25rem 0.625rem;
    }

    span {
        color: var(--ink-soft);
    }

    p {
        margin: 0;
        color: var(--ink-soft);
    }
</style>
