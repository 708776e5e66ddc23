<script lang="ts">
    import { page, router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import ShareNav from '@/parts/ShareNav.svelte'
    import SketchDrawing, { type Drawn } from '@/parts/SketchDrawing.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import type { KitFrame } from '@/lib/types'

    interface Line {
        name: string
        from: string
        role: string
        size: string
        reveals: string
        shown: number
        spare: string | null
    }

    interface Props {
        fronts: { key: string; label: string }[]
        front: { key: string; label: string; isLying: boolean }
        shelf: Drawn[]
        chosen: Drawn & { lines: Line[] }
    }

    let { fronts, front, shelf, chosen }: Props = $props()

    const frame = $derived(page.props['frame'] as KitFrame)

    function show(change: { sketch?: string; front?: string; lying?: boolean }): void {
        const now = { sketch: chosen.key, front: front.key, lying: front.isLying, ...change }
        router.get(`${frame.url}/sketches`, { ...now, lying: now.lying ? 1 : 0 }, { preserveState: true, preserveScroll: true })
    }

    function go(step: number): void {
        const next = shelf[shelf.findIndex((one) => one.key === chosen.key) + step]
        if (next) show({ sketch: next.key })
    }

    useKeys(() => [
        { key: 'ArrowRight', shown: '→', says: 'Next sketch', run: () => go(1) },
        { key: 'ArrowLeft', shown: '←', says: 'Sketch before', run: () => go(-1) },
        { key: 'l', shown: 'L', says: 'Upright or lying', run: () => show({ lying: !front.isLying }) },
    ])
</script>

<Frame title="Sketches">
    <ShareNav />
    <div class="place">
        <section aria-labelledby="shelf-title">
            <div class="head">
                <h1 id="shelf-title">{shelf.length} sketches on <Measure text={front.label} /></h1>
                <label>
                    Front
                    <select value={front.key} onchange={(event) => show({ front: event.currentTarget.value })}>
                        <option value="">that of the kit</option>
                        {#each fronts as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
                    </select>
                </label>
                <Button key="L" aria-pressed={front.isLying} onclick={() => show({ lying: !front.isLying })}
                    >{front.isLying ? 'Lying' : 'Upright'}</Button
                >
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
                            <span>{sketch.fault ?? `${sketch.parts.length} parts, about ${sketch.minutes} min`}</span>
                        </button>
                    </li>
                {/each}
            </ul>
        </section>
        <aside aria-label={chosen.name}>
            <h2>{chosen.name}</h2>
            {#if chosen.fault}<p class="fault" role="alert"><Measure text={chosen.fault} /></p>{/if}
            <SketchDrawing drawn={chosen} side={240} />
            <ol>
                {#each chosen.lines as line (line.name)}
                    <li>
                        <p class="size"><Measure text={line.size} /> <small>{frame.unit}</small></p>
                        <p>
                            <b>{line.name}</b>, {line.from}<br />
                            <Measure text={line.reveals} /> shows round it; {line.shown} % of it shows.
                            {#if line.spare}<br />The middle <Measure text={line.spare} /> can be cut out and used: no one sees it.{/if}
                        </p>
                    </li>
                {/each}
            </ol>
            <p class="soft">
                Hatched: patterned paper, busy or calm. Pale: a calm paper or a label. Grey: cardstock. Dashed: where the picture and the
                words go.
            </p>
        </aside>
    </div>
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: 1fr 25rem;
        gap: 2rem;
        padding: 1rem 1.5rem 2rem;
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

    label {
        font-weight: 600;
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
</style>
