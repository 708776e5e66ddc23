<script lang="ts">
    import { mm } from '@/lib/format'
    import { surfaceFill } from '@/lib/surfaces'

    /** A scrap at a sixth of its size, but not wider than its place. Several lie on one another. */
    let {
        width,
        height,
        component,
        face = 0,
        count = 1,
    }: { width: number; height: number; component: string; face?: number; count?: number } = $props()

    const SIDE = 84
    const scale = $derived(Math.min(96 / 25.4 / 6, SIDE / mm(width), SIDE / mm(height)))
    const [w, h] = $derived([mm(width) * scale, mm(height) * scale])
    const behind = $derived(Math.min(2, count - 1))
</script>

<svg width={w + 6} height={h + 6} viewBox="0 0 {(w + 6) / scale} {(h + 6) / scale}" aria-hidden="true">
    {#each [...Array(behind + 1).keys()] as i (i)}
        {@const by = ((behind - i) * 3) / scale}
        <rect x={by} y={by} width={mm(width)} height={mm(height)} fill={surfaceFill(component, face)} />
    {/each}
</svg>

<style>
    rect {
        stroke: var(--paper-edge);
        stroke-width: 1px;
        vector-effect: non-scaling-stroke;
    }
</style>
