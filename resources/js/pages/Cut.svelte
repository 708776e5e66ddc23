<script lang="ts">
    import { Link, page, router } from '@inertiajs/svelte'
    import Check from '@lucide/svelte/icons/check'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SheetDrawing, { type Part } from '@/parts/SheetDrawing.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { smallFill } from '@/lib/surfaces'
    import type { Extent, Goods, KitFrame } from '@/lib/types'

    interface Entry {
        id: number
        component: string
        name: string
        which: string
        isCut: boolean
    }

    interface Cut {
        number: number
        turn: boolean
        at: string
        unit: string
        inHand: string
        from: string
        frees: string[]
        line: { x1: number; y1: number; x2: number; y2: number }
    }

    interface Sheet extends Entry {
        size: Extent
        measure: string
        parts: Part[]
        cuts: Cut[]
        settings: number
    }

    interface Props {
        sheets: Entry[]
        sheet: Sheet | null
        goods: Goods
        bound: { opened: number; least: number }
        hasCards: boolean
    }

    let { sheets, sheet, goods, bound, hasCards }: Props = $props()

    const frame = $derived(page.props['frame'] as KitFrame)
    const done = $derived(sheets.filter((entry) => entry.isCut).length)
    let isSending = $state(false)

    // The cut in hand is only where the eye is; what is recorded is the whole sheet.
    let inHand = $state(0)
    $effect(() => {
        if (sheet) inHand = 0
    })

    function markCut(): void {
        if (!sheet || sheet.isCut || isSending) return
        router.post(
            `${frame.url}/cut/${sheet.id}`,
            { revision: frame.revision },
            { onStart: () => (isSending = true), onFinish: () => (isSending = false) },
        )
    }

    function go(step: number): void {
        const at = sheets.findIndex((entry) => entry.id === sheet?.id)
        const next = sheets[Math.max(0, Math.min(sheets.length - 1, at + step))]
        if (next) router.get(`${frame.url}/cut`, { sheet: next.id }, { preserveScroll: true })
    }

    useKeys(() => [
        { key: 'c', shown: 'C', says: 'This sheet is cut', run: markCut },
        { key: 'ArrowDown', shown: '↓', says: 'Next sheet', run: () => go(1) },
        { key: 'ArrowUp', shown: '↑', says: 'Sheet before', run: () => go(-1) },
        {
            key: 'ArrowRight',
            shown: '→',
            says: 'Look at the next cut',
            run: () => (inHand = Math.min(inHand + 1, (sheet?.cuts.length ?? 1) - 1)),
        },
        { key: 'ArrowLeft', shown: '←', says: 'Look at the cut before', run: () => (inHand = Math.max(inHand - 1, 0)) },
    ])

    const cut = $derived(sheet?.cuts[Math.min(inHand, sheet.cuts.length - 1)])
</script>

<Frame title="Cut">
    <SurfaceDefs {goods} />
    {#if !sheet}
        <Empty title={hasCards ? 'No sheet has to be cut' : 'Nothing to cut yet'}>
            <p>
                {hasCards
                    ? 'The cards take no papers.'
                    : 'When cards are shared out, every sheet they need is laid out here with its cuts in order.'}
            </p>
            <Button main onclick={() => router.visit(`${frame.url}/share-out`)}>Go to Share out</Button>
        </Empty>
    {:else}
        <div class="place">
            <nav aria-label="Sheets">
                <p>
                    <strong>{done} of {sheets.length} cut.</strong>
                    {bound.opened === bound.least
                        ? `${bound.opened} whole sheets opened, the least there can be.`
                        : `${bound.opened} whole sheets opened; at least ${bound.least} are needed.`}
                </p>
                <ul>
                    {#each sheets as entry (entry.id)}
                        <li>
                            <Link
                                href="{frame.url}/cut?sheet={entry.id}"
                                preserveScroll
                                class={entry.isCut ? 'done' : ''}
                                aria-current={entry.id === sheet.id ? 'true' : undefined}
                            >
                                <svg width="34" height="34" viewBox="0 0 100 100" aria-hidden="true"
                                    ><rect width="100" height="100" fill={smallFill(entry.component, 0)} /></svg
                                >
                                <span><b>{entry.name}</b><small><Measure text={entry.which} />{entry.isCut ? ', cut' : ''}</small></span>
                                {#if entry.isCut}<Check size={18} aria-hidden="true" />{/if}
                            </Link>
                        </li>
                    {/each}
                </ul>
            </nav>
            <section aria-labelledby="sheet-title">
                <h1 id="sheet-title">{sheet.name}, <Measure text={sheet.which} /></h1>
                <p class="soft">
                    <Measure text="{sheet.measure}, to scale" /> · print side up · {sheet.cuts.length} cuts, {sheet.settings} settings of the
                    guide
                </p>
                <SheetDrawing
                    size={sheet.size}
                    component={sheet.component}
                    parts={sheet.parts}
                    cuts={sheet.cuts}
                    current={sheet.isCut ? null : inHand}
                    directional={goods[sheet.component]?.faces[0]?.directional ?? false}
                    choose={(n) => (inHand = n)}
                />
            </section>
            <aside aria-label="Cuts">
                {#if sheet.isCut}
                    <h2>This sheet is cut.</h2>
                    <p>Its pieces are with their cards; its offcuts are on the tray under Keep.</p>
                {:else if cut}
                    <p class="soft">Cut {cut.number} of {sheet.cuts.length} · in hand: the part <Measure text={cut.inHand} /></p>
                    <h2>{cut.turn ? 'Turn a quarter. ' : ''}Guide at</h2>
                    <p class="figure"><Measure text={cut.at} /><span>{cut.unit}</span></p>
                    <p>from the {cut.from} edge as drawn.</p>
                    {#each cut.frees as freed (freed)}<p class="frees">{freed}</p>{/each}
                    <ol>
                        {#each sheet.cuts as one, i (one.number)}
                            <li>
                                <button type="button" aria-current={i === inHand ? 'step' : undefined} onclick={() => (inHand = i)}>
                                    <b>{one.number}</b>
                                    <Measure text="{one.at} {one.unit}" /><span>{one.turn ? 'quarter turn' : ''}</span>
                                </button>
                            </li>
                        {/each}
                    </ol>
                    <Button main key="C" disabled={isSending} onclick={markCut}>Sheet is cut</Button>
                {:else}
                    <h2>No cut needed</h2>
                    <p>The whole sheet is one piece.</p>
                    <Button main key="C" disabled={isSending} onclick={markCut}>Sheet is taken</Button>
                {/if}
                <p class="caution">
                    <b>Blade:</b> fingers behind the guard, cut away from yourself, close and cap the blade between sheets. Your trimmer’s own
                    instructions come first.
                </p>
            </aside>
        </div>
    {/if}
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: 15.5rem 1fr 20rem;
        height: 100%;
    }

    nav {
        display: flex;
        flex-direction: column;
        min-height: 0;
        background: var(--rail);
        border-right: 1px solid var(--line);
    }

    nav p {
        padding: 1rem 1.25rem 0.75rem;
        color: var(--ink-soft);
    }

    nav strong {
        display: block;
        color: var(--ink);
        font-size: var(--large);
    }

    ul,
    ol {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    nav ul {
        overflow: auto;
    }

    nav :global(a) {
        display: flex;
        align-items: center;
        gap: 0.75rem;
        min-height: 3.25rem;
        padding: 0.25rem 1rem 0.25rem 1.25rem;
        border-left: 4px solid transparent;
        color: var(--ink);
        text-decoration: none;
    }

    nav :global(a[aria-current]) {
        background: var(--sheet);
        border-left-color: var(--here);
    }

    nav :global(a.done) {
        color: var(--ink-soft);
    }

    nav :global(a.done svg:first-child) {
        opacity: 0.5;
    }

    nav :global(a > svg:last-child:not(:first-child)) {
        margin-left: auto;
        flex: none;
    }

    nav b,
    nav small {
        display: block;
        line-height: 1.3;
    }

    nav small,
    .soft {
        color: var(--ink-soft);
    }

    section {
        display: grid;
        grid-template-rows: auto auto 1fr;
        min-height: 0;
        padding: 1.25rem 2rem;
    }

    h1,
    h2 {
        font-size: var(--title);
    }

    aside {
        display: flex;
        flex-direction: column;
        gap: 0.375rem;
        min-height: 0;
        padding: 1.25rem 1.5rem;
        border-left: 1px solid var(--line);
        overflow: auto;
    }

    .figure {
        font-size: var(--figure);
        font-weight: 700;
        line-height: 1;
        letter-spacing: -0.02em;
    }

    .figure span {
        padding-left: 0.6rem;
        font-size: 2rem;
        font-weight: 600;
    }

    .frees {
        font-size: var(--large);
        font-weight: 600;
    }

    ol {
        margin: 0.75rem 0;
        padding-top: 0.5rem;
        border-top: 1px solid var(--line);
    }

    ol button {
        display: flex;
        gap: 0.75rem;
        width: 100%;
        min-height: 2.25rem;
        align-items: center;
        padding: 0 0.5rem;
        border: 0;
        border-radius: var(--radius);
        background: none;
        text-align: left;
        cursor: pointer;
    }

    ol button span:last-child {
        margin-left: auto;
        color: var(--ink-soft);
    }

    ol button[aria-current] {
        background: var(--here-soft);
        color: var(--here);
        font-weight: 650;
    }

    .caution {
        margin-top: auto;
        padding-top: 1rem;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    @media (pointer: coarse) {
        ol button {
            min-height: var(--target);
        }
    }
</style>
