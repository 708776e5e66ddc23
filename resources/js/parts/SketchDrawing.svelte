<script module lang="ts">
    /** A path in millimetres. */
</script>

<script lang="ts">
    import { mm } from '@/lib/format'
    import type { DrawnSketch } from '@/lib/props'

    /** A sketch without papers: hatched for patterned paper, plain for cardstock, dashed for the places of picture and words. */
    let { drawn, side }: { drawn: DrawnSketch; side: number } = $props()

    const width = $derived(mm(drawn.front.width))
    const height = $derived(mm(drawn.front.height))
    const scale = $derived(side / Math.max(width, height))
    const isPaper = (role: string): boolean => ['background', 'field', 'accent'].includes(role)
    const id = $props.id()
</script>

<svg width={width * scale} height={height * scale} viewBox="0 0 {width} {height}" role="img" aria-label={drawn.name}>
    <defs>
        <pattern id="hatch-{id}" width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect class="ground" width="4" height="4" /><path class="hatch" d="M0 0V4" />
        </pattern>
    </defs>
    <rect class="base" {width} {height} />
    {#each drawn.parts as part, i (i)}
        <path
            class={part.role}
            class:paper={isPaper(part.role)}
            d={part.d}
            fill-rule="evenodd"
            fill={part.role === 'background' || part.role === 'accent' ? `url(#hatch-${id})` : undefined}
        />
    {/each}
    {#each drawn.places as place, i (i)}
        <path class="place" d={place.d} />
    {/each}
</svg>

<style>
    svg {
        display: block;
        box-shadow: var(--shadow);
    }

    rect,
    path {
        stroke: var(--drawn-ink);
        stroke-width: 0.4;
    }

    .base {
        fill: var(--drawn-paper);
    }

    .mat,
    .ground,
    .strip {
        fill: var(--drawn-stock);
    }

    .label,
    .field {
        fill: var(--drawn-calm);
    }

    defs .ground {
        stroke: none;
    }

    .hatch {
        stroke: var(--drawn-hatch);
        stroke-width: 2;
    }

    .place {
        fill: none;
        stroke: var(--drawn-here);
        stroke-dasharray: 2.5 2;
        stroke-width: 0.7;
    }
</style>
