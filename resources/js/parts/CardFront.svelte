<script lang="ts">
    import { mm } from '@/lib/format'
    import { surfaceFill } from '@/lib/surfaces'
    import Silhouette from './Silhouette.svelte'
    import type { Front, Goods } from '@/lib/props'

    /** The front of a card to scale from its real papers; fits itself into a square of side pixels. */
    let { front, goods, side }: { front: Front; goods: Goods; side: number } = $props()

    const width = $derived(mm(front.size.width))
    const height = $derived(mm(front.size.height))
    const scale = $derived(side / Math.max(width, height))
    const label = $derived(
        `Card ${front.number}, ${front.occasion}: ${front.sketch}${front.lacks.length ? `, lacks ${front.lacks.join(', ')}` : ''}`,
    )
    const EDGE = 0.4
</script>

<svg class="front" width={width * scale} height={height * scale} viewBox="0 0 {width} {height}" role="img" aria-label={label}>
    <rect {width} {height} fill={front.base} />
    {#each front.marks as mark, i (i)}
        {#if mark.kind === 'surface'}
            <path
                class={mark.role}
                transform="translate({mark.x} {mark.y})"
                d={mark.d}
                fill-rule="evenodd"
                fill={surfaceFill(mark.component, mark.face)}
                stroke-width={EDGE}
            />
        {:else if mark.kind === 'thing'}
            {@const good = goods[mark.component]}
            {#if good}
                <g class={mark.role}><Silhouette {good} x={mark.x} y={mark.y} width={mark.width} height={mark.height} /></g>
            {/if}
        {:else if mark.kind === 'words'}
            <text x={mark.x} y={mark.y} font-size={mark.letter} fill={mark.fill}>{mark.text}</text>
        {:else}
            <path
                class={mark.role}
                d={mark.d}
                fill={mark.fill}
                stroke={mark.stroke}
                stroke-width={mark.line}
                stroke-dasharray={mark.dash}
            />
        {/if}
    {/each}
</svg>

<style>
    .front {
        display: block;
        border-radius: 1px;
        box-shadow:
            var(--shadow),
            0 0 0 0.5px var(--paper-edge);
    }

    .piece {
        stroke: var(--drawn-edge);
    }

    .raised {
        filter: drop-shadow(0 0.6px 0.5px var(--drawn-shade));
    }

    .bow {
        stroke-linecap: round;
    }

    .missing {
        stroke: var(--madder);
    }

    text {
        text-anchor: middle;
        dominant-baseline: central;
        font-weight: 560;
    }
</style>
