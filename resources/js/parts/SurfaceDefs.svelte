<script lang="ts">
    import { mm } from '@/lib/format'
    import { motifs } from '@/lib/motifs'
    import { surfaceId } from '@/lib/surfaces'
    import type { Goods } from '@/lib/props'

    /** Draws every face of every paper and cardstock once, as a pattern in millimetres that other drawings refer to. */
    let { goods }: { goods: Goods } = $props()

    const faces = $derived(
        Object.values(goods).flatMap((good) =>
            good.faces.map((face, i) => {
                const motif = motifs[face.motif] ?? motifs.solid
                const sheet = face.photo && good.size ? { width: mm(good.size.width), height: mm(good.size.height) } : null
                return {
                    id: surfaceId(good.id, i),
                    face,
                    width: sheet?.width ?? motif?.width ?? 10,
                    height: sheet?.height ?? motif?.height ?? 10,
                    shapes: face.photo ? [] : (motif?.shapes ?? []),
                }
            }),
        ),
    )
    const colour = (colours: string[], at: number): string =>
        at < 0 ? '#ffffff' : (colours[at] ?? colours[colours.length - 1] ?? '#888888')
</script>

<svg class="defs" aria-hidden="true" width="0" height="0">
    <defs>
        {#each faces as { id, face, width, height, shapes } (id)}
            {#each [{ name: id, scale: 1 }, { name: `${id}-small`, scale: 3 }] as variant (variant.name)}
                <pattern
                    id={variant.name}
                    {width}
                    {height}
                    patternUnits="userSpaceOnUse"
                    patternTransform="scale({face.photo ? 1 : variant.scale})"
                >
                    <rect {width} {height} fill={colour(face.colours, 0)} />
                    {#if face.photo}<image href={face.photo} {width} {height} preserveAspectRatio="xMidYMid slice" />{/if}
                    {#each shapes as shape, i (i)}
                        {#if shape.width}
                            <path
                                d={shape.d}
                                fill="none"
                                stroke={colour(face.colours, shape.colour)}
                                stroke-width={shape.width}
                                opacity={shape.opacity ?? 1}
                            />
                        {:else}
                            <path d={shape.d} fill={colour(face.colours, shape.colour)} opacity={shape.opacity ?? 1} />
                        {/if}
                    {/each}
                </pattern>
            {/each}
        {/each}
    </defs>
</svg>

<style>
    .defs {
        position: absolute;
    }
</style>
