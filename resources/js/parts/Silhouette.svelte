<script lang="ts">
    import type { Good } from '@/lib/props'
    import shapes from '../../drawings/shapes.json'

    interface Props {
        good: Good
        x?: number
        y?: number
        width: number
        height: number
        /** Words that would be too small to read are left out. */
        wordless?: boolean
    }

    /** A die cut or sticker as a drawing of width by height within an svg. It shows its own picture if it was photographed. */
    let { good, x = 0, y = 0, width, height, wordless = false }: Props = $props()

    interface Path {
        d: string
        /** The number of one of its colours. */
        colour: number
        /** The width of its line, if it is not filled. */
        width?: number
    }

    const BOX = 100
    /** The box of its own outline. */
    const FINE = 1000
    const id = $props.id()
    const INK = '#1d2b33'
    const all: Record<string, Path[]> = shapes
    const paths = $derived(good.shape === null ? [] : all[good.shape])
    const colour = (path: Path): string => good.colours[path.colour] ?? good.colours[0] ?? INK
</script>

{#if good.cutout}
    <g transform="translate({x} {y})">
        {#if good.cutout.photo}
            <clipPath {id}>
                <path d={good.cutout.d} clip-rule="evenodd" transform="scale({width / FINE} {height / FINE})" />
            </clipPath>
            <image href={good.cutout.photo} {width} {height} preserveAspectRatio="none" clip-path="url(#{id})" />
        {:else}
            <path d={good.cutout.d} fill={good.colours[0] ?? INK} fill-rule="evenodd" transform="scale({width / FINE} {height / FINE})" />
        {/if}
    </g>
{:else if good.shape}
    <g transform="translate({x} {y})">
        <g transform="scale({width / BOX} {height / BOX})">
            {#each paths as path, i (i)}
                {#if path.width}
                    <path d={path.d} fill="none" stroke={colour(path)} stroke-width={path.width} />
                {:else}
                    <path d={path.d} fill={colour(path)} fill-rule="evenodd" />
                {/if}
            {/each}
        </g>
        {#if good.shape === 'plain' && !wordless}
            <text
                class="name"
                x={width / 2}
                y={height / 2}
                font-size={Math.min(height * 0.3, (1.7 * width) / Math.max(6, good.name.length))}>{good.name}</text
            >
        {:else if good.words && !wordless}
            <text x={width / 2} y={height / 2} font-size={good.letter * height} fill={good.colours[1] ?? INK}>{good.words}</text>
        {/if}
    </g>
{/if}

<style>
    .name {
        fill: var(--drawn-ink-soft);
    }

    text {
        text-anchor: middle;
        dominant-baseline: central;
        font-weight: 560;
    }
</style>
