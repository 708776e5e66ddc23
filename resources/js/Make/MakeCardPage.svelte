<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Files from '@/parts/Files.svelte'
    import Frame from '@/parts/Frame.svelte'
    import FrontMark from '@/parts/FrontMark.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { mm } from '@/lib/format'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import type { MakeCardPage } from '@/lib/props'

    let { id, number, about, size, base, layers, steps, ready, open, cautions, goods }: MakeCardPage = $props()

    const frame = $derived(kit.frame)
    const [width, height] = $derived([mm(size.width), mm(size.height)])

    /** Each layer lies flat, seen from the side, above the one under it. */
    const FLAT = 0.42
    const LEAN = -0.38
    const APART = 24
    const lift = (n: number): number => (layers.length - n) * APART
    const deep = $derived(height * FLAT)
    const high = $derived(deep + layers.length * APART + 4)
    const wide = $derived(width + Math.abs(LEAN) * height + 4)

    const toTable = (): void => router.visit(`${frame.url}/make/table?card=${id}`)

    useKeys(() => [{ key: 't', shown: 'T', says: 'Make this card, one step at a time', run: toTable }])
</script>

<Frame title="Card {number} drawn apart">
    <SurfaceDefs {goods} />
    <div class="place">
        <section aria-labelledby="apart">
            <h1 id="apart">Card {number}, {about}</h1>
            <div class="apart">
                <svg viewBox="0 0 {wide} {high}" role="img" aria-label="The layers of card {number}, drawn apart">
                    {#each [null, ...layers] as layer, n (n)}
                        <g transform="translate({Math.abs(LEAN) * height + 2} {lift(n)}) matrix(1 0 {LEAN} {FLAT} 0 0)">
                            {#if layer}
                                <FrontMark mark={layer.mark} {goods} />
                            {:else}
                                <rect {width} {height} fill={base} />
                            {/if}
                        </g>
                    {/each}
                </svg>
                <ol reversed>
                    {#each [...layers].reverse() as layer, n (n)}
                        <li>
                            <b>{layer.name}</b>, {layer.good}
                            <small><Measure text={layer.size} />: <Measure text={layer.showing} wraps /></small>
                        </li>
                    {/each}
                    <li><b>base</b></li>
                </ol>
            </div>
            <p><b>Do not glue:</b> {open}</p>
            {#each cautions as caution (caution)}<p class="soft"><span aria-hidden="true">△</span> {caution}</p>{/each}
        </section>
        <section aria-labelledby="steps">
            <h2 id="steps">In this order</h2>
            <ol class="steps">
                {#each steps as step (step.step)}
                    <li class:done={step.isDone}>
                        <span>{step.isDone ? '✓ ' : ''}<Measure text={step.says} wraps /></span>
                        <small>{step.tool}, {step.time}</small>
                    </li>
                {/each}
            </ol>
            <h2>Lay ready</h2>
            <ul>
                {#each ready as one, n (n)}<li><Measure text={one} wraps /></li>{/each}
            </ul>
            <p class="acts">
                <Button main key="T" onclick={toTable}>Make this card</Button>
                <Files at="card" of="{frame.url}/cards/{id}" />
            </p>
        </section>
    </div>
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
        gap: calc(2 * var(--gap));
        padding: calc(1.5 * var(--gap));
    }

    h1,
    h2 {
        margin: 0 0 0.5rem;
    }

    .apart {
        display: grid;
        grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
        gap: var(--gap);
    }

    svg {
        width: 100%;
        max-height: 78vh;
    }

    rect {
        stroke: var(--drawn-edge);
        stroke-width: 0.4;
    }

    ol,
    ul {
        margin: 0;
        padding-left: 1.5rem;
    }

    li {
        margin-bottom: 0.35rem;
    }

    small {
        display: block;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .done > span,
    .soft {
        color: var(--ink-soft);
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.75rem;
    }

    @media (width < 760px) {
        .place,
        .apart {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
