<script lang="ts">
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import Button from '@/parts/Button.svelte'
    import Shortfalls from './Shortfalls.svelte'
    import SolutionColumn from './SolutionColumn.svelte'
    import type { Goods, ProposedCards } from '@/lib/props'

    /** The proposal of a share-out, card by card beside the present cards. It replaces nothing until it is accepted. */
    let { proposal, goods }: { proposal: ProposedCards; goods: Goods } = $props()

    const moved = $derived(proposal.changes.filter((one) => one.kind !== 'stays'))

    const accept = (): void => sender.send(`share-out/solutions/${proposal.id}/accept`, {})
    const leave = (): void => sender.send(`share-out/solutions/${proposal.id}/leave`, {})

    useKeys(() => [
        { key: 'a', shown: 'A', says: 'Use this share-out', run: accept },
        { key: 'Escape', shown: 'Esc', says: 'Keep the cards as they are', run: leave },
    ])
</script>

<section aria-labelledby="proposed">
    <header>
        <h1 id="proposed">
            {moved.length === 0
                ? 'Nothing would change: these are the cards you have'
                : `${moved.length} new or changed, ${proposal.changes.length - moved.length} as before`}
        </h1>
        <p>
            <Button main key="A" onclick={accept}>Use this share-out</Button>
            <Button key="Esc" onclick={leave}>Keep the cards as they are</Button>
        </p>
    </header>
    {#if proposal.shortfalls.length}
        <div class="short" role="status">
            <h2>Not all you asked for</h2>
            <Shortfalls shortfalls={proposal.shortfalls} />
        </div>
    {/if}
    <div class="both">
        <div>
            <h2>Now</h2>
            <SolutionColumn solution={proposal.now} {goods} other={proposal.then} />
        </div>
        <div>
            <h2>Then</h2>
            <SolutionColumn solution={proposal.then} {goods} other={proposal.now} />
        </div>
        <div>
            <h2>Card by card</h2>
            <ul>
                {#each proposal.changes as change (change.number)}
                    <li class:stays={change.kind === 'stays'}><b>{change.number}</b> {change.says}</li>
                {/each}
            </ul>
        </div>
    </div>
</section>

<style>
    section {
        flex: 1;
        min-height: 0;
        padding: 1rem 1.25rem;
        border-top: 1px solid var(--line);
        overflow: auto;
    }

    header,
    header p {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 1rem;
    }

    header {
        justify-content: space-between;
    }

    h2 {
        padding: 0.75rem 0 0.25rem;
    }

    .short {
        margin-top: 0.75rem;
        padding: 0 0.75rem 0.75rem;
        border-left: 4px solid var(--madder);
        background: var(--madder-soft);
    }

    .both {
        display: grid;
        grid-template-columns: repeat(2, minmax(0, 1fr)) minmax(16rem, 1fr);
        gap: 1.5rem;
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        padding: 0.375rem 0;
        border-bottom: 1px solid var(--line);
    }

    li b {
        display: inline-block;
        min-width: 1.75rem;
    }

    .stays {
        color: var(--ink-soft);
    }

    @media (width < 60rem) {
        .both {
            grid-template-columns: 1fr;
        }
    }
</style>
