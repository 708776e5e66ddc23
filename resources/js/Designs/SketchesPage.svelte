<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import FrontPicker, { type FrontQuery } from './FrontPicker.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SketchDrawing from '@/parts/SketchDrawing.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { SketchesPage } from '@/lib/props'

    let { front, isCovered, shelf, chosen: on, scales, own, off }: SketchesPage = $props()

    const chosen = $derived(on.drawn)

    const frame = $derived(kit.frame)
    const isOff = $derived(off.includes(chosen.key))
    const enable = (): void => sender.send('sketches/enable', { sketch: chosen.key })

    function show(change: Partial<FrontQuery> & { sketch?: string; covered?: 0 | 1 }): void {
        const now = {
            sketch: chosen.key,
            front: front.key,
            lying: front.isLying ? 1 : 0,
            width: front.width,
            height: front.height,
            covered: isCovered ? 1 : 0,
        }
        router.get(`${frame.url}/sketches`, { ...now, ...change }, { preserveState: true, preserveScroll: true })
    }

    function go(step: number): void {
        const next = shelf[shelf.findIndex((one) => one.key === chosen.key) + step]
        if (next) show({ sketch: next.key })
    }

    useKeys(() => [
        { key: 'ArrowRight', shown: '→', says: 'Next sketch', run: () => go(1) },
        { key: 'ArrowLeft', shown: '←', says: 'Sketch before', run: () => go(-1) },
        { key: 'l', shown: 'L', says: 'Upright or lying', run: () => show({ lying: front.isLying ? 0 : 1 }) },
        { key: 'c', shown: 'C', says: 'Framed, or covered to the edge', run: () => show({ covered: isCovered ? 0 : 1 }) },
        { key: 'x', shown: 'X', says: 'Use this sketch in share-outs, or do not', run: enable },
        { key: 'd', shown: 'D', says: 'Copy the sketch and change it', run: () => router.visit(copyUrl) },
    ])

    const copyUrl = $derived(own === null ? `${frame.url}/sketches/new?from=${chosen.key}` : `${frame.url}/sketches/${own}/change`)

    function throwAway(): void {
        sender.send(`sketches/${own}`, {}, { method: 'delete' })
    }
</script>

<Frame title="Sketches">
    <div class="place abreast">
        <section aria-labelledby="shelf-title">
            <div class="head">
                <h1 id="shelf-title">{shelf.length} sketches on <Measure text={front.label} /></h1>
                <FrontPicker {front} onpick={show} />
                <Button key="C" aria-pressed={isCovered} onclick={() => show({ covered: isCovered ? 0 : 1 })}
                    >{isCovered ? 'Covered to the edge' : 'Framed'}</Button
                >
                <Button href="{frame.url}/sketches/new">Write a sketch</Button>
            </div>
            <ul>
                {#each shelf as sketch (sketch.key)}
                    <li>
                        <button
                            type="button"
                            aria-current={sketch.key === chosen.key ? 'true' : undefined}
                            onclick={() => show({ sketch: sketch.key })}
                        >
                            <SketchDrawing drawn={sketch} side={132} />
                            <b>{sketch.name}</b>
                            <span
                                >{sketch.fault ??
                                    `${sketch.parts.length} parts, about ${sketch.minutes} min${off.includes(sketch.key) ? ' · not used' : ''}`}</span
                            >
                        </button>
                    </li>
                {/each}
            </ul>
        </section>
        <aside aria-label={chosen.name}>
            <h2>{chosen.name}</h2>
            <Button key="X" onclick={enable}>{isOff ? 'Use it in share-outs' : 'Do not use it in share-outs'}</Button>
            {#if chosen.fault}<p class="fault" role="alert"><Measure text={chosen.fault} /></p>{/if}
            <div class="drawn">
                <SketchDrawing drawn={chosen} side={240} />
                <div class="scales">
                    {#each scales as scale (scale.label)}
                        <figure>
                            {#if scale.drawn.fault}<p class="fault">{scale.drawn.fault}</p>{:else}<SketchDrawing
                                    drawn={scale.drawn}
                                    side={62}
                                />{/if}
                            <figcaption>{scale.label}</figcaption>
                        </figure>
                    {/each}
                </div>
            </div>
            <ol>
                {#each on.lines as line (line.name)}
                    <li>
                        <p class="size"><Measure text={line.size} /> <small>{frame.unit}</small></p>
                        <p>
                            <b>{line.name}</b>, {line.from}<br />
                            <Measure text={line.reveals} />{line.reveals.startsWith('flush') ? '' : ' of the part below stays visible'}; {line.shown}
                            % of this one stays visible.
                            {#if line.form}<br />{line.form}{/if}
                            <br />paper: {line.wants}; {line.turns ? 'may be turned' : 'a directional print must stand upright'}{line.height
                                ? `; lies ${line.height} up`
                                : ''}
                            {#if line.spare}<br />The middle <Measure text={line.spare} /> can be cut out and used: no one sees it.{/if}
                        </p>
                    </li>
                {/each}
            </ol>
            {#if on.inside}<p>Inside, a panel to write on: <Measure text={on.inside} />.</p>{/if}
            <div class="acts">
                <Button key="D" href={copyUrl}>{own === null ? 'Copy and change it' : 'Change it'}</Button>
                {#if own !== null}<Button onclick={throwAway}>Delete the sketch</Button>{/if}
            </div>
            <p class="soft">
                Hatched: patterned paper, busy or calm. Pale: a calm paper or a label. Grey: cardstock. Dashed: where the picture and the
                words go.
            </p>
        </aside>
    </div>
</Frame>

<style>
    .place {
        --columns: minmax(0, 1fr) minmax(0, 25rem);
    }

    .head {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.75rem 1.25rem;
        margin-bottom: 1rem;
    }

    h1,
    h2 {
        font-size: var(--title);
    }

    ul,
    ol {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    ul {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(10.5rem, 1fr));
        gap: 0.75rem;
    }

    li button {
        display: grid;
        justify-items: center;
        align-content: end;
        gap: 0.25rem;
        width: 100%;
        height: 100%;
        padding: 0.875rem 0.5rem 0.5rem;
        border: 2px solid transparent;
        border-radius: var(--radius);
        background: var(--rail);
        cursor: pointer;
    }

    li button[aria-current] {
        border-color: var(--here);
        background: var(--here-soft);
    }

    li span,
    small,
    .soft {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    aside {
        display: grid;
        align-content: start;
        gap: 0.75rem;
    }

    ol li {
        display: grid;
        grid-template-columns: 8.5rem 1fr;
        gap: 0.75rem;
        padding: 0.5rem 0;
        border-bottom: 1px solid var(--line);
    }

    .size {
        font-size: 1.375rem;
        font-weight: 650;
        line-height: 1.2;
    }

    .drawn {
        display: flex;
        flex-wrap: wrap;
        align-items: start;
        gap: 1.25rem;
    }

    .drawn > :global(svg) {
        flex: none;
    }

    .drawn .scales {
        gap: 0.5rem 0.75rem;
    }

    .scales,
    .acts {
        display: flex;
        flex-wrap: wrap;
        align-items: end;
        gap: 0.75rem;
    }

    figure {
        margin: 0;
    }

    figcaption {
        color: var(--ink-soft);
        font-size: var(--small);
    }
</style>
