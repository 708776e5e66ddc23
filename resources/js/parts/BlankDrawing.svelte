<script lang="ts">
    import { mm } from '@/lib/format'
    import type { BlankPart } from '@/lib/props'

    /** A flat piece with its scores as dashed lines, and their measures from the left or from the top. */
    let { part, scale }: { part: BlankPart; scale: number } = $props()

    const width = $derived(mm(part.width))
    const height = $derived(mm(part.height))
    /** Room for the figures, in millimetres of the drawing. */
    const room = $derived(14 / scale)
</script>

<svg
    width={(width + room * 3 + 1) * scale}
    height={(height + room * 1.6 + 1) * scale}
    viewBox="-0.5 {-room * 1.6 - 0.5} {width + room * 3 + 1} {height + room * 1.6 + 1}"
    role="img"
    aria-label="{part.name}, {part.label}, {part.scores.length
        ? `scored at ${part.scores.map((score) => score.label).join(' and ')}`
        : 'not scored'}"
>
    <rect {width} {height} />
    {#each part.scores as score (score.at)}
        {#if part.isScoredAcross}
            <path d="M0 {mm(score.at)}H{width}" /><text x={width + room * 0.3} y={mm(score.at) + room * 0.35} font-size={room}
                >{score.label}</text
            >
        {:else}
            <path d="M{mm(score.at)} 0V{height}" /><text class="above" x={mm(score.at)} y={-room * 0.4} font-size={room}>{score.label}</text
            >
        {/if}
    {/each}
</svg>

<style>
    svg {
        display: block;
        max-width: 100%;
        overflow: visible;
    }

    rect {
        fill: var(--drawn-paper);
        stroke: var(--drawn-ink);
        stroke-width: 0.5;
    }

    path {
        fill: none;
        stroke: var(--drawn-here);
        stroke-dasharray: 4 2.5;
        stroke-width: 0.9;
    }

    text {
        fill: var(--ink);
        font-weight: 650;
        font-feature-settings: 'frac' 1;
    }

    .above {
        text-anchor: middle;
    }
</style>
