<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import Check from '@lucide/svelte/icons/check'
    import Measure from '@/parts/Measure.svelte'
    import { kit } from '@/lib/kit'
    import { smallFill } from '@/lib/surfaces'
    import type { SheetEntry } from '@/lib/props'

    /** The sheets in the order in which they are cut. The present one is marked. */
    let { sheets, current, card }: { sheets: SheetEntry[]; current: number; card: number | null } = $props()

    const state = (entry: SheetEntry): string => (entry.isCut ? ', cut' : entry.isBegun ? ', begun' : '')
</script>

<ul>
    {#each sheets as entry (entry.id)}
        <li>
            <Link
                href="{kit.frame.url}/cut?sheet={entry.id}{card ? `&card=${card}` : ''}"
                preserveScroll
                class={entry.isCut ? 'done' : ''}
                aria-current={entry.id === current ? 'true' : undefined}
            >
                <svg width="34" height="34" viewBox="0 0 100 100" aria-hidden="true">
                    <rect width="100" height="100" fill={smallFill(entry.component, 0)} />
                </svg>
                <span>
                    <b>{entry.name}</b>
                    <small><Measure text={entry.which + state(entry)} /></small>
                </span>
                {#if entry.isCut}<Check size={18} aria-hidden="true" />{/if}
            </Link>
        </li>
    {/each}
</ul>

<style>
    ul {
        flex: 1;
        margin: 0;
        padding: 0;
        overflow: auto;
        list-style: none;
    }

    li :global(a) {
        display: flex;
        align-items: center;
        gap: 0.75rem;
        min-height: 3.25rem;
        padding: 0.25rem 1rem 0.25rem 1.25rem;
        border-left: 4px solid transparent;
        color: var(--ink);
        text-decoration: none;
    }

    li :global(a[aria-current]) {
        background: var(--sheet);
        border-left-color: var(--here);
    }

    li :global(a.done) {
        color: var(--ink-soft);
    }

    li :global(a.done svg:first-child) {
        opacity: 0.5;
    }

    li :global(a > svg:last-child:not(:first-child)) {
        flex: none;
        margin-left: auto;
    }

    b,
    small {
        display: block;
        color: var(--ink-soft);
        line-height: 1.3;
    }

    @media (width < 62rem) {
        ul {
            display: grid;
            grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
        }
    }
</style>
