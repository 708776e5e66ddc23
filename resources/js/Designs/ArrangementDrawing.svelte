<script lang="ts">
    import { mm } from '@/lib/format'
    import type { DrawnArrangement } from '@/lib/props'

    /** An arrangement with pieces of usual sizes, as outlines. It fits a square of side pixels. */
    let { drawn, side }: { drawn: DrawnArrangement; side: number } = $props()

    const width = $derived(mm(drawn.front.width))
    const height = $derived(mm(drawn.front.height))
    const scale = $derived(side / Math.max(width, height))
</script>

<svg width={width * scale} height={height * scale} viewBox="0 0 {width} {height}" role="img" aria-label={drawn.name}>
    <rect class="front" {width} {height} />
    <path class="panel" d={drawn.panel} />
    {#each drawn.pieces as piece (piece.id)}
        <path class={piece.role} d={piece.d} fill-rule="evenodd"><title>{piece.name}</title></path>
    {/each}
    {#each drawn.dots as dot (dot.x + dot.y * 1e7)}
        <circle cx={mm(dot.x)} cy={mm(dot.y)} r={mm(dot.half)} />
    {/each}
</svg>

<style>
    svg {
        display: block;
        flex: none;
        overflow: hidden;
    }

    .front {
        fill: var(--sheet);
        stroke: var(--line-strong);
        stroke-width: 0.6;
    }

    .panel {
        fill: var(--rail);
        stroke: var(--line);
        stroke-width: 0.4;
    }

    path {
        fill: var(--sheet);
        stroke: var(--ink);
        stroke-width: 0.5;
    }

    .picture {
        fill: var(--here);
    }

    .small-picture {
        fill: var(--here-soft);
    }

    .words,
    .more-words {
        fill: var(--kraft);
    }

    circle {
        fill: var(--ink-soft);
    }
</style>
