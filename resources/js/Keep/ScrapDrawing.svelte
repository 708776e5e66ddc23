<script lang="ts">
    import { mm } from '@/lib/format'
    import { surfaceFill } from '@/lib/surfaces'
    import Measure from '@/parts/Measure.svelte'
    import type { ScrapPlan, TrayScrap } from '@/lib/props'

    /** A scrap to scale, with the cuts of what it is to become. The leftover is faint. */
    let { scrap, plan, side }: { scrap: TrayScrap; plan: ScrapPlan | null; side: number } = $props()

    let room = $state(0)
    const scale = $derived(Math.min((room || side) / mm(scrap.width), side / mm(scrap.height)))
    const px = (units: number): number => mm(units) * scale
    /** Whether a measure is readable there, along the part or across it. */
    const isLegible = (measure: string, width: number, height: number): boolean =>
        px(Math.max(width, isTall(width, height) ? height : 0)) > measure.replace(/ (\d)\/(\d+)/g, '$1').length * 7 + 6 &&
        px(Math.min(width, height)) > 15
    /** Words stand in a part only if they fit. */
    const isRoomy = (width: number, height: number): boolean => px(width) > 84 && px(height) > 44
    /** Small parts have only their measure, upright if they are narrow. */
    const isTall = (width: number, height: number): boolean => px(width) < 62 && height > width
</script>

<div class="room" bind:clientWidth={room}>
    <div class="scrap" class:planned={!scrap.isThere} style:width="{px(scrap.width)}px" style:height="{px(scrap.height)}px">
        <svg width={px(scrap.width)} height={px(scrap.height)} viewBox="0 0 {mm(scrap.width)} {mm(scrap.height)}" aria-hidden="true">
            <rect width={mm(scrap.width)} height={mm(scrap.height)} fill={surfaceFill(scrap.component, 0)} />
            {#each plan?.parts ?? [] as part, i (i)}
                {#if part.isLeft}<rect class="left" x={mm(part.x)} y={mm(part.y)} width={mm(part.width)} height={mm(part.height)} />{/if}
            {/each}
            {#each plan?.cuts ?? [] as cut, i (i)}
                <line x1={mm(cut.x1)} y1={mm(cut.y1)} x2={mm(cut.x2)} y2={mm(cut.y2)} />
            {/each}
        </svg>
        {#each plan?.parts ?? [] as part, i (i)}
            {#if !part.isLeft && isLegible(part.measure, part.width, part.height)}
                {@const tall = isTall(part.width, part.height)}
                <p
                    class:tall
                    style:left="{px(part.x + part.width / 2)}px"
                    style:top="{px(part.y + part.height / 2)}px"
                    style:max-width="{px(tall ? part.height : part.width) - 6}px"
                >
                    {#if isRoomy(part.width, part.height)}<b>{part.label}</b>{/if}
                    <Measure text={part.measure} />
                </p>
            {/if}
        {/each}
    </div>
</div>

<style>
    .room {
        display: grid;
        place-items: center start;
        width: 100%;
    }

    .scrap {
        position: relative;
        box-shadow:
            var(--shadow),
            0 0 0 1px var(--paper-edge);
    }

    .planned {
        outline: 2px dashed var(--kraft-ink);
        outline-offset: 3px;
    }

    svg {
        display: block;
    }

    .left {
        fill: var(--drawn-paper);
        opacity: 0.68;
    }

    line {
        stroke: var(--drawn-ink);
        stroke-width: 2px;
        stroke-dasharray: 7 4;
        vector-effect: non-scaling-stroke;
    }

    p {
        position: absolute;
        display: grid;
        width: max-content;
        padding: 0 0.25rem;
        translate: -50% -50%;
        border-radius: 3px;
        background: var(--drawn-label);
        color: var(--drawn-ink);
        font-size: 0.75rem;
        line-height: 1.25;
        text-align: center;
        pointer-events: none;
    }

    .tall {
        rotate: -90deg;
    }
</style>
