<script lang="ts">
    import { kit } from '@/lib/kit'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import { useKeys, type Key } from '@/lib/keys.svelte'
    import Button from '@/parts/Button.svelte'
    import type { ShareOutPage } from '@/lib/props'

    /** Many or varied: the number of cards at each level, and the share-out that gives it, one key away. */
    interface Props {
        frontier: ShareOutPage['frontier']
        isSolving: boolean
        stash: boolean
        words: string
    }
    let { frontier, isSolving, stash, words }: Props = $props()

    poll('frontier', () => frontier.isLooking)

    type Choice = ShareOutPage['frontier']['choices'][number]
    const take = (one: Choice): void =>
        sender.send('share-out', () => ({ cards: 'max', stash, words, alike: one.alike, pictures: one.pictures }))
    const look = (): void => sender.send('share-out/frontier', {})

    useKeys((): Key[] => [
        { key: 'f', shown: 'F', says: 'Find how many cards there can be, and how different', run: look },
        ...frontier.choices.map((one, n) => ({ key: String(n + 1), says: `Share out ${one.says}`, run: () => take(one) })),
    ])
</script>

{#if frontier.choices.length}
    <ol aria-label="Most or varied in {kit.frame.name}">
        {#each frontier.choices as one, n (one.says)}
            <li><Button key={String(n + 1)} disabled={isSolving} onclick={() => take(one)}>{one.says}</Button></li>
        {/each}
    </ol>
    <p>These are the numbers found. Choosing one shares out again. Cards that are begun or pinned stay.</p>
{:else if frontier.isLooking}
    <p role="status">Finding how many cards there can be, and how different…</p>
{:else}
    <Button key="F" onclick={look}>Most or varied?</Button>
{/if}

<style>
    ol {
        display: grid;
        gap: 0.375rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    p {
        margin: 0;
        color: var(--ink-soft);
    }
</style>
