<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Files from '@/parts/Files.svelte'
    import Measure from '@/parts/Measure.svelte'
    import TextButton from '@/parts/TextButton.svelte'
    import { kit } from '@/lib/kit'
    import type { Bag } from '@/lib/props'

    /** The numbered bags, one a card, and the pieces in them. A piece that turned out wrong can be marked as spoiled. */
    let { bags, onspoiled, onprint }: { bags: Bag[]; onspoiled: (taking: number) => void; onprint: () => void } = $props()

    const all = $derived(bags.reduce((sum, bag) => sum + bag.all, 0))
    const cut = $derived(bags.reduce((sum, bag) => sum + bag.cut.length, 0))
</script>

<details>
    <summary><b>Bags</b> {cut} of {all} pieces cut</summary>
    <ul>
        {#each bags as bag (bag.number)}
            <li>
                <p class:full={bag.cut.length === bag.all}>
                    <b>{bag.number}</b>
                    {bag.cut.length} of {bag.all}{bag.cut.length === bag.all ? ', full' : ''}
                </p>
                {#each bag.cut as piece (piece.id)}
                    <p class="piece">
                        <span>{piece.part}, <Measure text={piece.size} /></span>
                        <TextButton onclick={() => onspoiled(piece.id)}
                            >Mark as spoiled<span class="sr-only">: {piece.part} of card {bag.number}</span></TextButton
                        >
                    </p>
                {/each}
            </li>
        {/each}
    </ul>
    <p class="prints">
        <Files at="bags" of={kit.frame.url} />
        <Button onclick={onprint}>Send to the label printer</Button>
    </p>
</details>

<style>
    details {
        flex: none;
        max-height: 50%;
        padding: 0 1rem 0.75rem 1.25rem;
        border-top: 1px solid var(--line);
        overflow: auto;
    }

    summary {
        min-height: var(--target);
        padding-top: 0.75rem;
        cursor: pointer;
    }

    ul {
        margin: 0 0 0.75rem;
        padding: 0;
        list-style: none;
    }

    li {
        padding: 0.25rem 0;
        border-bottom: 1px solid var(--line);
    }

    p {
        margin: 0;
    }

    .prints {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }

    .full {
        color: var(--good);
    }

    .piece {
        display: flex;
        align-items: center;
        justify-content: space-between;
        color: var(--ink-soft);
        font-size: var(--small);
    }
</style>
