<script lang="ts">
    import Check from '@lucide/svelte/icons/check'
    import Pin from '@lucide/svelte/icons/pin'
    import Measure from '@/parts/Measure.svelte'
    import Silhouette from '@/parts/Silhouette.svelte'
    import { mm } from '@/lib/format'
    import { smallFill } from '@/lib/surfaces'
    import type { Good, GridTaking } from '@/lib/props'

    /** What a card takes of a component: pieces to one scale, at which their sheet is as high as the cell. */
    let { takings, good, isDense }: { takings: GridTaking[]; good: Good; isDense: boolean } = $props()

    const LEAST = 3
    const HIGH = { dense: 15, usual: 26 }
    const scale = $derived(good.size ? (isDense ? HIGH.dense : HIGH.usual) / mm(Math.max(good.size.width, good.size.height)) : 0)
    const px = (units: number): number => Math.max(LEAST, mm(units) * scale)
</script>

{#if takings.some((taking) => taking.isPinned)}<Pin size={12} aria-hidden="true" class="pin" />{/if}
{#each takings as taking, i (i)}
    {#if taking.size}
        <svg
            class:cut={taking.isCut}
            width={px(taking.size.width)}
            height={px(taking.size.height)}
            viewBox="0 0 {mm(taking.size.width)} {mm(taking.size.height)}"
            aria-hidden="true"
        >
            <rect class="edge" width="100%" height="100%" fill={smallFill(good.id, taking.face)} />
        </svg>
    {:else if good.shape && !good.words}
        <svg class:isDense width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
            <Silhouette {good} width={22} height={22} />
        </svg>
    {:else}
        {#if taking.amount}<span><Measure text={taking.amount} /></span>{:else}<Check size={14} aria-hidden="true" />{/if}
    {/if}
{/each}

<style>
    svg {
        vertical-align: middle;
    }

    svg + svg {
        margin-left: 3px;
    }

    .isDense {
        max-height: 0.9375rem;
    }

    .edge {
        stroke: var(--paper-edge);
        stroke-width: 1px;
        vector-effect: non-scaling-stroke;
    }

    .cut {
        opacity: 0.45;
    }

    :global(.pin) {
        margin-right: 2px;
        vertical-align: middle;
    }
</style>
