<script lang="ts">
    import Measure from '@/parts/Measure.svelte'
    import Silhouette from '@/parts/Silhouette.svelte'
    import { smallFill } from '@/lib/surfaces'
    import type { Good, GridLine } from '@/lib/props'

    /** A component before its row: how it looks, its name, and how many there are. */
    let { line, good, isDense }: { line: GridLine; good: Good; isDense: boolean } = $props()
</script>

<div class:isDense>
    {#each good.faces as face, i (i)}
        <svg width="20" height="20" viewBox="0 0 60 60" aria-hidden="true">
            <rect class="edge" width="60" height="60" fill={smallFill(line.id, i)} />
            <title>{face.name}</title>
        </svg>
    {:else}
        {#if good.shape}
            <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
                <Silhouette {good} wordless y={good.words ? 6 : 0} width={20} height={good.words ? 8 : 20} />
            </svg>
        {:else if good.colours.length}
            <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
                <rect class="edge" x="2" y="4" width="16" height="12" rx="2" fill={good.colours[0]} />
            </svg>
        {/if}
    {/each}
    <span class="name" title={good.name}>{good.name}</span>
    {#if line.isStash}<em>stash</em>{/if}
    {#if line.use !== 'as it comes'}<em>{line.use}</em>{/if}
    <span class="have"><Measure text={line.have} /></span>
</div>

<style>
    div {
        display: flex;
        align-items: center;
        gap: 0.375rem;
    }

    .name {
        max-width: 9.5rem;
        overflow: hidden;
        font-weight: 560;
        text-overflow: ellipsis;
        white-space: nowrap;
    }

    .have {
        margin-left: auto;
        padding-left: 0.5rem;
        color: var(--ink-soft);
    }

    em {
        padding: 0 0.375rem;
        border-radius: 3px;
        background: var(--kraft-soft);
        color: var(--kraft-ink);
        font-size: 0.75rem;
        font-style: normal;
    }

    .edge {
        stroke: var(--paper-edge);
        stroke-width: 1px;
        vector-effect: non-scaling-stroke;
    }

    .isDense .name {
        line-height: 1.25;
    }

    .isDense svg {
        width: 0.8125rem;
        height: 0.8125rem;
    }
</style>
