<script lang="ts">
    import { tick } from 'svelte'
    import { count, mm } from '@/lib/format'
    import { surfaceFill } from '@/lib/surfaces'
    import { kit } from '@/lib/kit'
    import Measure from '@/parts/Measure.svelte'
    import type { TrayBox, TrayScrap } from '@/lib/props'

    interface Props {
        boxes: TrayBox[]
        chosen: string | null
        onchoose: (id: string) => void
        onkey: (event: KeyboardEvent) => void
    }

    /** Everything that is left of papers and cardstock, to scale: standard parts in bundles, scraps by their use. */
    let { boxes, chosen, onchoose, onkey }: Props = $props()

    /** Offcuts are drawn at a sixth of their real size, so that an 11 in strip fits. */
    const SCALE = 96 / 25.4 / 6

    interface Bundle {
        first: TrayScrap
        all: TrayScrap[]
    }

    /** Equal standard parts lie on one another. */
    function bundled(box: TrayBox): Bundle[] {
        if (box.grade !== 'parts') return box.scraps.map((first) => ({ first, all: [first] }))
        const bundles: Record<string, TrayScrap[]> = {}
        for (const scrap of box.scraps) {
            const key = `${scrap.part} ${scrap.measure} ${scrap.component} ${scrap.isThere}`
            bundles[key] = [...(bundles[key] ?? []), scrap]
        }
        return Object.values(bundles).map((all) => ({ first: all[0] as TrayScrap, all }))
    }

    const bundles = $derived(boxes.map((box) => ({ box, own: bundled(box) })))
    const order = $derived(bundles.flatMap(({ own }) => own))
    const at = $derived(
        Math.max(
            0,
            order.findIndex(({ all }) => all.some((scrap) => scrap.id === chosen)),
        ),
    )
    let tray = $state<HTMLElement>()

    /** Moves the focus to a scrap. */
    export function focus(): void {
        tray?.querySelector<HTMLElement>('[tabindex="0"]')?.focus()
    }

    async function go(to: number): Promise<void> {
        const next = order[Math.max(0, Math.min(order.length - 1, to))]
        if (!next) return
        onchoose(next.first.id)
        await tick()
        focus()
    }

    const STEPS: Record<string, () => number> = {
        ArrowLeft: () => at - 1,
        ArrowRight: () => at + 1,
        Home: () => 0,
        End: () => order.length - 1,
    }

    function press(event: KeyboardEvent): void {
        const step = STEPS[event.key]
        if (!step) return onkey(event)
        event.preventDefault()
        void go(step())
    }

    const label = ({ first, all }: Bundle): string =>
        `${first.part ? `${count(all.length, first.part)}, ` : ''}${first.from}, ${first.measure} ${kit.frame.unit}${first.isThere ? '' : ', once it is cut'}`
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<div class="boxes" bind:this={tray} onkeydown={press} role="group" aria-label="Scraps">
    {#each bundles as { box, own } (box.grade)}
        <h3>{box.label} <small>{box.scraps.length}</small></h3>
        <ul>
            {#each own as bundle (bundle.first.id)}
                {@const scrap = bundle.first}
                {@const isChosen = order[at] === bundle}
                <li>
                    <button
                        type="button"
                        class:isChosen
                        aria-pressed={isChosen}
                        aria-label={label(bundle)}
                        tabindex={isChosen ? 0 : -1}
                        onclick={() => onchoose(scrap.id)}
                    >
                        <svg
                            width={mm(scrap.width) * SCALE}
                            height={mm(scrap.height) * SCALE}
                            viewBox="0 0 {mm(scrap.width)} {mm(scrap.height)}"
                            aria-hidden="true"
                        >
                            <rect
                                class:planned={!scrap.isThere}
                                width={mm(scrap.width)}
                                height={mm(scrap.height)}
                                fill={surfaceFill(scrap.component, 0)}
                            />
                        </svg>
                        {#if box.grade !== 'confetti'}
                            <span
                                >{#if scrap.part}{count(bundle.all.length, scrap.part)}<br />{/if}<Measure text={scrap.measure} /></span
                            >
                        {/if}
                    </button>
                </li>
            {/each}
        </ul>
    {/each}
</div>

<style>
    h3 {
        margin: 0.75rem 0 0.25rem;
        font-size: var(--body);
        font-weight: 600;
    }

    small {
        color: var(--ink-soft);
    }

    ul {
        display: flex;
        flex-wrap: wrap;
        align-items: end;
        gap: 0.25rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    button {
        display: grid;
        justify-items: center;
        min-width: 2.75rem;
        min-height: 2.75rem;
        align-content: end;
        padding: 0.25rem;
        border: 2px solid transparent;
        border-radius: 4px;
        background: none;
        color: var(--kraft-ink);
        font-size: var(--small);
        font-weight: 600;
        line-height: 1.2;
        cursor: pointer;
    }

    .isChosen {
        border-color: var(--here);
        background: var(--here-soft);
        color: var(--ink);
    }

    rect {
        stroke: var(--paper-edge);
        stroke-width: 1px;
        vector-effect: non-scaling-stroke;
    }

    .planned {
        stroke: var(--kraft-ink);
        stroke-width: 1.5px;
        stroke-dasharray: 4 3;
    }
</style>
