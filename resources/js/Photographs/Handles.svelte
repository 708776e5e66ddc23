<script lang="ts">
    import { sender } from '@/lib/send.svelte'
    import type { Place } from '@/lib/props'

    interface Props {
        points: Place[]
        /** What they are, such as "corner". */
        says: string
        closed?: boolean
        width: number
        height: number
        zoom?: number
        onmoved: (points: Place[]) => void
        onenter?: () => void
    }

    /** Points on a photograph that are dragged, or moved by the arrow keys, one pixel at a time or ten with Shift. */
    let { points, says, closed = false, width, height, zoom = 1, onmoved, onenter }: Props = $props()

    const REST = 500
    let moving = $state<Place[] | null>(null)
    let held = $state<number | null>(null)
    let waits: ReturnType<typeof setTimeout> | undefined
    const shown = $derived(moving ?? points)

    // The page that comes back has them where they were put, or where they still are.
    $effect(() => {
        void points
        if (!sender.isBusy) moving = null
    })

    const clamp = (value: number, most: number): number => Math.max(0, Math.min(most, Math.round(value * 10) / 10))

    function move(at: number, x: number, y: number): void {
        moving = shown.map((one, i) => (i === at ? { x: clamp(x, width), y: clamp(y, height) } : one))
    }

    function drag(event: PointerEvent, at: number): void {
        if (held !== at) return
        const svg = (event.currentTarget as SVGElement).ownerSVGElement
        const matrix = svg?.getScreenCTM()
        if (!matrix) return
        const place = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
        move(at, place.x, place.y)
    }

    function release(): void {
        held = null
        if (moving) onmoved(moving)
    }

    function press(event: KeyboardEvent, at: number): void {
        if (event.key === 'Enter' && onenter) {
            event.preventDefault()
            event.stopPropagation()
            return onenter()
        }
        const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
        const here = shown[at]
        if (!step || !here) return
        event.preventDefault()
        event.stopPropagation()
        const far = event.shiftKey ? 10 : 1
        move(at, here.x + far * (step[0] ?? 0), here.y + far * (step[1] ?? 0))
        clearTimeout(waits)
        waits = setTimeout(() => moving && onmoved(moving), REST)
    }
</script>

<g class="handles">
    {#each ['under', 'line'] as layer (layer)}
        <path class={layer} d="M{shown.map(({ x, y }) => `${x} ${y}`).join('L')}{closed ? 'Z' : ''}" />
    {/each}
    {#each shown as { x, y }, i (i)}
        <g
            class="handle"
            role="slider"
            tabindex="0"
            aria-label="{says} {i + 1}"
            aria-valuenow={Math.round(x)}
            aria-valuetext="{Math.round(x)} right, {Math.round(y)} down; arrow keys move it"
            onpointerdown={(event) => ((held = i), event.currentTarget.setPointerCapture(event.pointerId))}
            onpointermove={(event) => drag(event, i)}
            onpointerup={release}
            onkeydown={(event) => press(event, i)}
        >
            <circle class="reach" cx={x} cy={y} r={38 * zoom} />
            <circle class="under" cx={x} cy={y} r={14 * zoom} />
            <circle class="ring" cx={x} cy={y} r={14 * zoom} />
            <circle class="dot" cx={x} cy={y} r={2.5 * zoom} />
        </g>
    {/each}
</g>

<style>
    path,
    .under,
    .ring {
        fill: none;
        pointer-events: none;
    }

    .under {
        stroke: var(--drawn-light);
        stroke-width: 7;
    }

    .line,
    .ring {
        stroke: var(--drawn-here);
        stroke-width: 3;
    }

    .dot {
        fill: var(--drawn-here);
        pointer-events: none;
    }

    .reach {
        fill: transparent;
    }

    .handle {
        cursor: grab;
        touch-action: none;
        outline: none;
    }

    .handle:focus-visible .ring {
        stroke-width: 8;
    }
</style>
