<script lang="ts">
    import { mm } from '@/lib/format'
    import FrontMark from './FrontMark.svelte'
    import type { Front, Goods } from '@/lib/props'

    /** The front of a card to scale with its real papers. It fits a square of side pixels. */
    let { front, goods, side }: { front: Front; goods: Goods; side: number } = $props()

    const width = $derived(mm(front.size.width))
    const height = $derived(mm(front.size.height))
    const scale = $derived(side / Math.max(width, height))
    const label = $derived(
        `Card ${front.number}, ${front.occasion}: ${front.sketch}${front.lacks.length ? `, lacks ${front.lacks.join(', ')}` : ''}`,
    )
</script>

<svg class="front" width={width * scale} height={height * scale} viewBox="0 0 {width} {height}" role="img" aria-label={label}>
    <rect {width} {height} fill={front.base} />
    {#each front.marks as mark, i (i)}
        <FrontMark {mark} {goods} />
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
</style>
