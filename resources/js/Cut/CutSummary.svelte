<script lang="ts">
    import TextButton from '@/parts/TextButton.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { Bag, BetterCut, CutBound, SheetEntry } from '@/lib/props'

    interface Props {
        sheets: SheetEntry[]
        /** Set if only the pieces of one card are cut. */
        bag: Bag | undefined
        bound: CutBound
        /** Missing while a plan is only proposed. */
        better: BetterCut | null
    }

    /** How many cuts are made, how near the plan is to the fewest sheets, and the search for a better one. */
    let { sheets, bag, bound, better }: Props = $props()

    const done = $derived(sheets.filter((entry) => entry.isCut).length)
</script>

<p>
    {#if bag}
        <strong>{sheets.length === 1 ? '1 sheet' : `${sheets.length} sheets`} to go for card {bag.number}.</strong>
        {bag.cut.length} of its {bag.all} pieces are cut.
    {:else}
        <strong>{done} of {sheets.length} cut.</strong>
        {bound.opened === bound.least
            ? `${bound.opened} whole sheets cut into. No plan needs fewer.`
            : `${bound.opened} whole sheets opened; at least ${bound.least} are needed.`}
    {/if}
</p>
{#if better?.search}
    <p role="status">
        Looking for a better plan: paper {better.search.done + 1} of {better.search.all}.
        <TextButton onclick={() => sender.send('cut/better/stop')}>Stop</TextButton>
    </p>
{:else if better?.said}
    <p role="status">{better.said}</p>
{:else if better && !bag && bound.opened !== bound.least}
    <p><TextButton onclick={() => sender.send('cut/better')}>Search longer for a better plan</TextButton></p>
{/if}

<style>
    p {
        padding: 1rem 1.25rem 0.75rem;
        color: var(--ink-soft);
    }

    strong {
        display: block;
        color: var(--ink);
        font-size: var(--large);
    }
</style>
