<script lang="ts">
    import { surfaceFill } from '@/lib/surfaces'
    import type { Face } from '@/lib/props'

    /** A window on a face at its real size: one millimetre of paper is one CSS millimetre. */
    let {
        component,
        index,
        face,
        width = 38,
        height = 26,
    }: { component: string; index: number; face: Face; width?: number; height?: number } = $props()
</script>

<svg
    width="{width}mm"
    height="{height}mm"
    viewBox="0 0 {width} {height}"
    role="img"
    aria-label="{face.name}: {face.motif}{face.busy ? ', busy' : ', calm'}{face.directional ? ', is directional' : ''}"
>
    <rect {width} {height} fill={surfaceFill(component, index)} />
</svg>

<style>
    svg {
        display: block;
        border-radius: 2px;
        box-shadow: 0 0 0 1px var(--paper-edge);
    }
</style>
