<script lang="ts">
    import { mm } from '@/lib/format'
    import { surfaceFill } from '@/lib/surfaces'
    import Silhouette from './Silhouette.svelte'
    import type { Front, Goods, Layer } from '@/lib/props'

    /** The front of a card to scale from its real papers; fits itself into a square of side pixels. */
    let { front, goods, side }: { front: Front; goods: Goods; side: number } = $props()

    const width = $derived(mm(front.size.width))
    const height = $derived(mm(front.size.height))
    const scale = $derived(side / Math.max(width, height))
    const label = $derived(
        `Card ${front.number}, ${front.occasion}: ${front.sketch}${front.lacks.length ? `, lacks ${front.lacks.join(', ')}` : ''}`,
    )
    const good = (layer: Layer) => (layer.component === null ? undefined : goods[layer.component])
</script>

<svg class="front" width={width * scale} height={height * scale} viewBox="0 0 {width} {height}" role="img" aria-label={label}>
    <rect {width} {height} fill={front.base} />
    {#each front.layers as layer, i (i)}
        {@const thing = good(layer)}
        {@const x = mm(layer.x)}
        {@const y = mm(layer.y)}
        {@const w = mm(layer.width)}
        {@const h = mm(layer.height)}
        {#if !thing || !layer.component}
            {#if layer.d}<path class="missing" d={layer.d} />{:else}<rect class="missing" {x} {y} width={w} height={h} />{/if}
        {:else if layer.part === 'bow'}
            <path
                class="bow"
                stroke={thing.colours[0]}
                d="M{x} {y + h / 2}H{x + w}M{x + w * 0.2} {y + h / 2}c-14 -12 -14 12 0 0c14 -12 14 12 0 0l-7 11m7 -11l7 11"
            />
        {:else if layer.part === 'embellishment'}
            <circle class="gem" cx={x + w / 2} cy={y + h / 2} r={w / 2} fill={thing.colours[0]} />
        {:else if thing.faces.length}
            {#if layer.d}
                <path class="piece" d={layer.d} fill-rule="evenodd" fill={surfaceFill(layer.component, layer.face)} />
            {:else}
                <g transform="translate({x} {y})"
                    ><rect class="piece" width={w} height={h} fill={surfaceFill(layer.component, layer.face)} /></g
                >
            {/if}
        {:else if thing.shape}
            <g class="raised"><Silhouette good={thing} {x} {y} width={w} height={h} /></g>
        {:else if thing.words}
            <text x={x + w / 2} y={y + h / 2} font-size={Math.min(h * 0.5, (w * 1.72) / thing.words.length)}>{thing.words}</text>
        {/if}
    {/each}
    {#if front.fold === 'gatefold'}<path class="meet" d="M{width / 2} 0V{height}" />{/if}
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
        stroke-width: 0.4;
    }

    .raised {
        filter: drop-shadow(0 0.6px 0.5px var(--drawn-shade));
    }

    .gem {
        stroke: var(--drawn-light);
        stroke-width: 0.5;
    }

    .bow {
        fill: none;
        stroke-width: 1.6;
        stroke-linecap: round;
    }

    .meet {
        stroke: var(--drawn-ink-soft);
        stroke-width: 0.5;
    }

    .missing {
        fill: none;
        stroke: var(--madder);
        stroke-width: 0.8;
        stroke-dasharray: 3 2;
    }

    text {
        text-anchor: middle;
        dominant-baseline: central;
        fill: var(--drawn-ink);
        font-weight: 560;
    }
</style>
