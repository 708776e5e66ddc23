<script lang="ts">
    import { mm } from '@/lib/format'
    import { surfaceFill } from '@/lib/surfaces'
    import Measure from '@/parts/Measure.svelte'
    import type { Box, Extent, PartOfSheet } from '@/lib/props'

    interface Line {
        number: number
        line: { x1: number; y1: number; x2: number; y2: number }
    }

    interface Props {
        size: Extent
        component: string
        parts: PartOfSheet[]
        cuts: Line[]
        /** The viewed cut, counted from 0. Missing if the sheet is already cut. */
        current: number | null
        directional: boolean
        blemishes?: Box[]
        choose: (cut: number) => void
    }

    /** A sheet to scale with its parts and its cuts numbered in order. */
    let { size, component, parts, cuts, current, directional, blemishes = [], choose }: Props = $props()

    let room = $state({ width: 600, height: 560 })
    const MARGIN = 34
    /** Room that is too small for the margins may still be large enough for the sheet. */
    const inside = (side: number): number => Math.max(MARGIN, side - 2 * MARGIN)
    const scale = $derived(Math.min(inside(room.width) / mm(size.width), inside(room.height) / mm(size.height)))
    const px = (units: number): number => mm(units) * scale
    /** Where the number of a cut is drawn: just outside the sheet, or on the edge of the part. */
    const badge = ({ line }: Line): { x: number; y: number } =>
        line.x1 === line.x2
            ? { x: px(line.x1), y: px(line.y1) - (line.y1 === 0 ? 18 : 0) }
            : { x: px(line.x1) - (line.x1 === 0 ? 18 : 0), y: px(line.y1) }
</script>

<div class="room" bind:clientWidth={room.width} bind:clientHeight={room.height}>
    <div class="sheet" style:width="{px(size.width)}px" style:height="{px(size.height)}px">
        <svg width={px(size.width)} height={px(size.height)} viewBox="0 0 {mm(size.width)} {mm(size.height)}" aria-hidden="true">
            <rect width={mm(size.width)} height={mm(size.height)} fill={surfaceFill(component, 0)} />
            {#each parts as part, i (i)}
                {#if part.isKept}<rect class="kept" x={mm(part.x)} y={mm(part.y)} width={mm(part.width)} height={mm(part.height)} />{/if}
            {/each}
            {#each blemishes as at, i (i)}
                <g class="blemish">
                    <rect x={mm(at.x)} y={mm(at.y)} width={mm(at.width)} height={mm(at.height)} />
                    <path d="M{mm(at.x)} {mm(at.y)}l{mm(at.width)} {mm(at.height)}m0 {-mm(at.height)}l{-mm(at.width)} {mm(at.height)}" />
                </g>
            {/each}
            {#each cuts as cut, i (cut.number)}
                <line
                    class:current={i === current}
                    class:made={current !== null && i < current}
                    x1={mm(cut.line.x1)}
                    y1={mm(cut.line.y1)}
                    x2={mm(cut.line.x2)}
                    y2={mm(cut.line.y2)}
                />
            {/each}
        </svg>
        {#each parts as part, i (i)}
            {@const isTall = px(part.width) < 70 && part.height > 2 * part.width}
            {@const isSmall = isTall || px(part.height) < 40 || px(part.width) < 140}
            <p
                class="part"
                class:isKept={part.isKept}
                class:isSmall
                class:isTall
                style:max-width="{px(isTall ? part.height : part.width) - 4}px"
                style:left="{px(part.x + part.width / 2)}px"
                style:top="{px(part.y + part.height / 2)}px"
            >
                {#if part.isKept}keep{:else}{part.label}{/if}
                <Measure text={part.measure} />
                {#if part.face === 1}<small>other face up</small>{/if}
            </p>
        {/each}
        {#each cuts as cut, i (cut.number)}
            {@const at = badge(cut)}
            <button
                type="button"
                class:current={i === current}
                style:left="{at.x}px"
                style:top="{at.y}px"
                aria-label="Cut {cut.number}"
                onclick={() => choose(i)}>{cut.number}</button
            >
        {/each}
        {#if directional}<p class="up"><span aria-hidden="true">↑</span> up</p>{/if}
    </div>
</div>

<style>
    .blemish {
        fill: var(--sheet);
        stroke: var(--madder);
        stroke-width: 0.8;
    }

    .room {
        display: grid;
        place-items: center;
        min-height: 0;
        overflow: hidden;
    }

    .sheet {
        position: relative;
        box-shadow:
            var(--shadow),
            0 0 0 1px var(--paper-edge);
    }

    svg {
        display: block;
    }

    .kept {
        fill: var(--kraft);
        opacity: 0.72;
    }

    line {
        stroke: var(--drawn-ink);
        stroke-width: 2px;
        stroke-dasharray: 7 5;
        vector-effect: non-scaling-stroke;
    }

    line.made {
        stroke-dasharray: none;
    }

    line.current {
        stroke: var(--drawn-here);
        stroke-width: 5px;
        stroke-dasharray: none;
    }

    .part {
        position: absolute;
        translate: -50% -50%;
        padding: 0.25rem 0.75rem;
        border-radius: 3px;
        background: var(--drawn-label);
        color: var(--drawn-ink);
        font-weight: 600;
        line-height: 1.3;
        text-align: center;
        text-wrap: balance;
        width: max-content;
        pointer-events: none;
    }

    .part :global(.measure) {
        display: block;
        font-size: var(--large);
    }

    .isSmall {
        padding: 0 0.3rem;
        font-size: 0.75rem;
    }

    .isSmall :global(.measure) {
        display: inline;
        font-size: 0.75rem;
    }

    .isTall {
        rotate: -90deg;
        line-height: 1;
    }

    .isKept {
        color: var(--drawn-kept);
    }

    small {
        display: block;
        font-weight: 400;
    }

    button {
        position: absolute;
        isolation: isolate;
        translate: -50% -50%;
        width: var(--target);
        height: var(--target);
        padding: 0;
        border: 0;
        background: none;
        color: var(--drawn-ink);
        font-weight: 700;
        cursor: pointer;
    }

    /* Smaller than a finger can press. */
    button::before {
        position: absolute;
        z-index: -1;
        inset: 7px;
        border: 2px solid var(--drawn-ink);
        border-radius: 50%;
        background: var(--drawn-paper);
        content: '';
    }

    button.current {
        color: var(--on-drawn-here);
    }

    button.current::before {
        border-color: var(--drawn-here);
        background: var(--drawn-here);
    }

    .up {
        position: absolute;
        top: 0;
        left: calc(100% + 10px);
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .up span {
        display: block;
        font-size: 1.75rem;
        line-height: 1;
    }
</style>
