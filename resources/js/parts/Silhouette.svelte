<script lang="ts">
    import type { Good } from '@/lib/props'

    interface Props {
        good: Good
        x?: number
        y?: number
        width: number
        height: number
        /** Drawn so small that its words could not be read, they are left out. */
        wordless?: boolean
    }

    /** A die cut or sticker as a drawing of width by height, for use inside an svg. */
    let { good, x = 0, y = 0, width, height, wordless = false }: Props = $props()

    const picture = $derived(good.picture)
    const BOX = 100
</script>

{#if picture}
    <g transform="translate({x} {y})">
        <g transform="scale({width / BOX} {height / BOX})">
            {#each picture.paths as path, i (i)}
                <path d={path.d} fill={path.fill} fill-rule="evenodd" stroke={path.stroke} stroke-width={path.line} />
            {/each}
        </g>
        {#if picture.text && !wordless}
            <text x={width / 2} y={height / 2} font-size={picture.letter * height} fill={picture.ink}>{picture.text}</text>
        {/if}
    </g>
{/if}

<style>
    text {
        text-anchor: middle;
        dominant-baseline: central;
        font-weight: 560;
    }
</style>
