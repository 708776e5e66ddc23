<script lang="ts">
    import CardFront from '@/parts/CardFront.svelte'
    import { mm } from '@/lib/format'
    import type { Front, Goods, PlaceOnFront } from '@/lib/props'

    /** A front with the part in hand picked out: all else is pale. */
    let { front, goods, at }: { front: Front; goods: Goods; at: PlaceOnFront | null } = $props()

    const SIDE = 330
    const scale = $derived(SIDE / Math.max(mm(front.size.width), mm(front.size.height)))
    const width = $derived(mm(front.size.width) * scale)
    const height = $derived(mm(front.size.height) * scale)
</script>

<div class="part" style:width="{width}px" style:height="{height}px">
    <CardFront {front} {goods} side={SIDE} />
    {#if at}
        {@const [x, y] = [mm(at.x) * scale, mm(at.y) * scale]}
        {@const [w, h] = [mm(at.size.width) * scale, mm(at.size.height) * scale]}
        <svg {width} {height} aria-hidden="true">
            <path class="pale" fill-rule="evenodd" d="M0 0H{width}V{height}H0ZM{x} {y}v{h}h{w}v{-h}Z" />
            <rect {x} {y} width={w} height={h} />
        </svg>
    {/if}
</div>

<style>
    .part {
        position: relative;
    }

    .part > svg {
        position: absolute;
        inset: 0;
    }

    .pale {
        fill: var(--sheet);
        opacity: 0.68;
    }

    rect {
        fill: none;
        stroke: var(--drawn-here);
        stroke-width: 3px;
    }
</style>
