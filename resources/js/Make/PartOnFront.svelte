<script lang="ts">
    import CardFront from '@/parts/CardFront.svelte'
    import { mm } from '@/lib/format'
    import type { Front, Goods, PlaceOnFront } from '@/lib/props'

    /**
     * A front with the piece of the step picked out and all else pale. Beside it is its distance from what carries it, or for a
     * piece of a group the distance of its middle from the edges, as the step says.
     */
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
            {#if at.middle}
                {@const [mx, my] = [mm(at.middle.x) * scale, mm(at.middle.y) * scale]}
                <path class="reveal" d="M0 {my}H{mx}M{mx} {my}V{height}M{mx - 7} {my}h14M{mx} {my - 7}v14" />
                <text x={Math.max(2, mx / 2)} y={my - 9} text-anchor={mx < 80 ? 'start' : 'middle'}>{at.middle.fromLeft}</text>
                <text x={mx + 9} y={Math.min(height - 6, (my + height) / 2 + 6)}>{at.middle.fromBelow}</text>
            {:else}
                {#if at.left > 0}
                    <path
                        class="reveal"
                        d="M{x - mm(at.left) * scale} {y + h / 2}H{x}m0 -5v10M{x - mm(at.left) * scale} {y + h / 2 - 5}v10"
                    />
                    <text x={Math.max(2, x - (mm(at.left) * scale) / 2)} y={y + h / 2 - 9} text-anchor={x < 40 ? 'start' : 'middle'}
                        >{at.fromLeft}</text
                    >
                {/if}
                {#if at.top > 0}
                    <path
                        class="reveal"
                        d="M{x + w / 2} {y - mm(at.top) * scale}V{y}m-5 0h10M{x + w / 2 - 5} {y - mm(at.top) * scale}h10"
                    />
                    <text x={x + w / 2 + 9} y={Math.max(16, y - (mm(at.top) * scale) / 2 + 6)}>{at.fromTop}</text>
                {/if}
            {/if}
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

    .reveal {
        stroke: var(--drawn-ink);
        stroke-width: 1.5px;
    }

    text {
        fill: var(--drawn-ink);
        stroke: var(--drawn-paper);
        stroke-width: 4px;
        paint-order: stroke;
        font-size: 20px;
        font-weight: 650;
        font-feature-settings: 'frac' 1;
    }

    rect {
        fill: none;
        stroke: var(--drawn-here);
        stroke-width: 3px;
    }
</style>
