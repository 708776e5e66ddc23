<script lang="ts">
    import { silhouettes } from '@/lib/silhouettes'
    import type { Good } from '@/lib/props'

    /** A die cut or sticker as a drawing of width by height, for use inside an svg. */
    let { good, x = 0, y = 0, width, height }: { good: Good; x?: number; y?: number; width: number; height: number } = $props()

    const shapes = $derived(silhouettes[good.shape ?? 'label'] ?? [])
    const colour = (at: number): string => good.colours[at] ?? good.colours[0] ?? '#888888'
    const ink = $derived(good.colours[1] ?? '#1d2b33')
    const letter = $derived(good.words ? Math.min(height * 0.52, (width * 1.72) / good.words.length) : 0)
</script>

<g transform="translate({x} {y})">
    <g transform="scale({width / 100} {height / 100})">
        {#each shapes as shape, i (i)}
            {#if shape.width}
                <path d={shape.d} fill="none" stroke={colour(shape.colour)} stroke-width={shape.width} />
            {:else}
                <path d={shape.d} fill={colour(shape.colour)} fill-rule="evenodd" />
            {/if}
        {/each}
    </g>
    {#if good.words}
        <text x={width / 2} y={height / 2} font-size={letter} fill={ink}>{good.words}</text>
    {/if}
</g>

<style>
    text {
        text-anchor: middle;
        dominant-baseline: central;
        font-weight: 560;
    }
</style>
