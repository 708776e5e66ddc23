<script lang="ts">
    import { Link, page, router } from '@inertiajs/svelte'
    import Check from '@lucide/svelte/icons/check'
    import Bags from '@/parts/Bags.svelte'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import Proposal from '@/parts/Proposal.svelte'
    import SheetDrawing from '@/parts/SheetDrawing.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import TextButton from '@/parts/TextButton.svelte'
    import WentWrong from '@/parts/WentWrong.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { poll } from '@/lib/poll.svelte'
    import { smallFill } from '@/lib/surfaces'
    import type { CutPage, KitFrame } from '@/lib/props'

    let { sheets, sheet, goods, bags, bound, hasCards, card, proposal, better }: CutPage = $props()

    const frame = $derived(page.props['frame'] as KitFrame)
    const done = $derived(sheets.filter((entry) => entry.isCut).length)
    let isSending = $state(false)

    const errors = $derived(page.props.errors as Record<string, string>)

    // The eye may look ahead; what is recorded is the first cut of the part in hand.
    let inHand = $state(0)
    let isWrong = $state(false)
    let chooser: HTMLSelectElement | undefined = $state()
    let asked = 0
    $effect(() => {
        if (sheet?.id === asked) return
        asked = sheet?.id ?? 0
        inHand = 0
        isWrong = false
    })

    function send(path: string, data: Record<string, string | boolean> = {}): void {
        if (isSending) return
        router.post(
            `${frame.url}/cut/${path}`,
            { ...data, revision: frame.revision },
            { preserveState: true, onStart: () => (isSending = true), onFinish: finished },
        )
    }

    function finished(): void {
        isSending = false
        if (isWaiting) cutOnce()
    }

    const bag = $derived(bags.find((one) => one.card === card))
    const mayCut = $derived(!!sheet && !sheet.isCut && !proposal)
    const markCut = (): void => {
        if (sheet && mayCut) send(card === null ? String(sheet.id) : `${sheet.id}/for/${card}`)
    }
    /** Pressed while the cut before is being recorded: done as soon as that is. */
    let isWaiting = false
    const cutOnce = (): void => {
        isWaiting = isSending
        if (sheet && mayCut) send(`${sheet.id}/once`, card === null ? {} : { card: String(card) })
    }
    const propose = (path: string, data: Record<string, string> = {}): void =>
        router.get(`${frame.url}/cut/${path}`, data, { preserveState: true, preserveScroll: true })
    const accept = (): void => {
        if (proposal) send(proposal.path, proposal.data)
    }
    const leave = (): void => router.get(`${frame.url}/cut`)
    const cutFor = (chosen: string): void => {
        // The keys of the table work again as soon as a card is chosen.
        chooser?.blur()
        router.get(`${frame.url}/cut`, chosen ? { card: chosen } : {}, { preserveState: true })
    }

    poll('better', () => better.search !== null)

    function go(step: number): void {
        const at = sheets.findIndex((entry) => entry.id === sheet?.id)
        const next = sheets[Math.max(0, Math.min(sheets.length - 1, at + step))]
        if (next && !proposal) router.get(`${frame.url}/cut`, { sheet: next.id, ...(card ? { card } : {}) }, { preserveScroll: true })
    }

    useKeys(() => [
        { key: 'd', shown: 'D', says: 'This cut is done', run: cutOnce },
        { key: 'c', shown: 'C', says: 'All of this sheet is cut, or all that the chosen card needs of it', run: markCut },
        { key: 'w', shown: 'W', says: 'That went wrong', run: () => (isWrong = !isWrong && mayCut) },
        { key: 'b', shown: 'B', says: 'Cut for one card only', run: () => chooser?.focus() },
        ...(proposal
            ? [
                  { key: 'a', shown: 'A', says: 'Accept the new plan', run: accept },
                  { key: 'Escape', shown: 'Esc', says: 'Leave the plan as it was', run: leave },
              ]
            : []),
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

    const count = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`
    const cut = $derived(sheet?.cuts[Math.min(inHand, sheet.cuts.length - 1)])
</script>

<Frame title="Cut">
    <SurfaceDefs {goods} />
    {#if !sheet && bag}
        <Empty title="All pieces of card {bag.number} are cut">
            <p>They are in its bag: {bag.cut.map((piece) => `${piece.part} ${piece.size}`).join(', ') || 'it takes none'}.</p>
            <Button main onclick={() => cutFor('')}>Go on with all sheets</Button>
        </Empty>
    {:else if !sheet}
        <Empty title={hasCards ? 'No sheet has to be cut' : 'Nothing to cut yet'}>
            <p>
                {hasCards
                    ? 'The cards take no papers.'
                    : 'When cards are shared out, every sheet they need is laid out here with its cuts in order.'}
            </p>
            <Button main onclick={() => router.visit(`${frame.url}/share-out`)}>Go to Share out</Button>
        </Empty>
    {:else}
        <div class="whole">
            <div class="place">
                <nav aria-label="Sheets">
                    <p>
                        {#if bag}
                            <strong>{sheets.length === 1 ? '1 sheet' : `${sheets.length} sheets`} to go for card {bag.number}.</strong>
                            {bag.cut.length} of its {bag.all} pieces are cut.
                        {:else}
                            <strong>{done} of {sheets.length} cut.</strong>
                            {bound.opened === bound.least
                                ? `${bound.opened} whole sheets opened, the least there can be.`
                                : `${bound.opened} whole sheets opened; at least ${bound.least} are needed.`}
                        {/if}
                    </p>
                    {#if !proposal}
                        {#if better.search}
                            <p role="status">
                                Looking for a better plan: paper {better.search.done + 1} of {better.search.all}.
                                <TextButton onclick={() => send('better/stop')}>Stop</TextButton>
                            </p>
                        {:else if better.said}<p role="status">{better.said}</p>
                        {:else if !bag && bound.opened !== bound.least}<p>
                                <TextButton onclick={() => send('better')}>Look longer for a better plan</TextButton>
                            </p>{/if}
                        <label class="for">
                            Cut for
                            <select bind:this={chooser} value={card ?? ''} onchange={(event) => cutFor(event.currentTarget.value)}>
                                <option value="">all cards</option>
                                {#each bags as one (one.card)}<option value={one.card}
                                        >card {one.number}{one.cut.length === one.all ? ', all cut' : ''}</option
                                    >{/each}
                            </select>
                        </label>
                    {/if}
                    <ul>
                        {#each sheets as entry (entry.id)}
                            <li>
                                <Link
                                    href="{frame.url}/cut?sheet={entry.id}{card ? `&card=${card}` : ''}"
                                    preserveScroll
                                    class={entry.isCut ? 'done' : ''}
                                    aria-current={entry.id === sheet.id ? 'true' : undefined}
                                >
                                    <svg width="34" height="34" viewBox="0 0 100 100" aria-hidden="true"
                                        ><rect width="100" height="100" fill={smallFill(entry.component, 0)} /></svg
                                    >
                                    <span
                                        ><b>{entry.name}</b><small
                                            ><Measure text={entry.which} />{entry.isCut ? ', cut' : entry.isBegun ? ', begun' : ''}</small
                                        ></span
                                    >
                                    {#if entry.isCut}<Check size={18} aria-hidden="true" />{/if}
                                </Link>
                            </li>
                        {/each}
                    </ul>
                    <Bags
                        {bags}
                        labels="{frame.url}/cut/labels.pdf"
                        onspoiled={(taking) => propose(`pieces/${taking}/spoiled`)}
                        onprint={() => send('labels')}
                    />
                </nav>
                <section aria-labelledby="sheet-title">
                    <h1 id="sheet-title">{sheet.name}, <Measure text={sheet.which} /></h1>
                    <p class="soft">
                        {sheet.isPart ? 'The part in hand, ' : ''}<Measure text="{sheet.measure}, to scale" /> · print side up · {count(
                            sheet.cuts.length,
                            'cut',
                        )}, {count(sheet.settings, 'setting')} of the guide
                        {#if !proposal}
                            · <a href="{frame.url}/cut/{sheet.id}/plan.pdf">print it (PDF)</a>
                            · <a href="{frame.url}/cut/{sheet.id}/plan.svg" download>real size (SVG)</a>
                        {/if}
                    </p>
                    <SheetDrawing
                        size={sheet.size}
                        component={sheet.component}
                        parts={sheet.parts}
                        cuts={sheet.cuts}
                        current={sheet.isCut ? null : inHand}
                        blemishes={sheet.blemishes}
                        directional={goods[sheet.component]?.faces[0]?.directional ?? false}
                        choose={(n) => (inHand = n)}
                    />
                </section>
                <aside aria-label="Cuts">
                    {#if proposal}
                        <Proposal {proposal} disabled={isSending} onaccept={accept} onleave={leave} />
                    {:else if sheet.isCut}
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
                        {#if sheet.afterwards.length}
                            <h3>When the straight cuts are made</h3>
                            <ul class="afterwards">
                                {#each sheet.afterwards as after (after)}<li><Measure text={after} wraps /></li>{/each}
                            </ul>
                        {/if}
                        <div class="acts">
                            <Button main key="D" disabled={isSending} onclick={cutOnce}>This cut is done</Button>
                            <Button key="C" disabled={isSending} onclick={markCut}
                                >{bag ? `All for card ${bag.number} is cut` : 'Sheet is cut'}</Button
                            >
                            <Button disabled={isSending} onclick={() => send(`${sheet.id}/motor`)}>To the motor cutter</Button>
                            <Button key="W" aria-expanded={isWrong} onclick={() => (isWrong = !isWrong)}>That went wrong</Button>
                        </div>
                        {#if isWrong}
                            <WentWrong
                                cut={sheet.cuts[0]}
                                unit={cut.unit}
                                {errors}
                                disabled={isSending}
                                onask={(data) => propose(`${sheet.id}/wrong`, data)}
                            />
                        {/if}
                    {:else}
                        <h2>No cut needed</h2>
                        <p>The whole sheet is one piece.</p>
                        <Button main key="C" disabled={isSending} onclick={markCut}>Sheet is taken</Button>
                    {/if}
                    <p class="caution">
                        <b>Blade:</b> fingers behind the guard, cut away from yourself, close and cap the blade between sheets. Your trimmer’s
                        own instructions come first.
                    </p>
                </aside>
            </div>
        </div>
    {/if}
</Frame>

<style>
    .whole {
        display: flex;
        flex-direction: column;
        height: 100%;
    }

    .place {
        display: grid;
        grid-template-columns: 15.5rem 1fr 20rem;
        flex: 1;
        min-height: 0;
    }

    .place > nav {
        display: flex;
        flex-direction: column;
        min-height: 0;
        background: var(--rail);
        border-right: 1px solid var(--line);
    }

    .place > nav > p {
        padding: 1rem 1.25rem 0.75rem;
        color: var(--ink-soft);
    }

    .place > nav strong {
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

    .place > nav > ul {
        flex: 1;
        overflow: auto;
    }

    nav ul :global(a) {
        display: flex;
        align-items: center;
        gap: 0.75rem;
        min-height: 3.25rem;
        padding: 0.25rem 1rem 0.25rem 1.25rem;
        border-left: 4px solid transparent;
        color: var(--ink);
        text-decoration: none;
    }

    nav ul :global(a[aria-current]) {
        background: var(--sheet);
        border-left-color: var(--here);
    }

    nav ul :global(a.done) {
        color: var(--ink-soft);
    }

    nav ul :global(a.done svg:first-child) {
        opacity: 0.5;
    }

    nav ul :global(a > svg:last-child:not(:first-child)) {
        margin-left: auto;
        flex: none;
    }

    nav b,
    nav small {
        display: block;
        color: var(--ink-soft);
        line-height: 1.3;
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

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }

    h3 {
        font-size: var(--large);
    }

    .afterwards li {
        padding: 0.125rem 0;
    }

    .for {
        display: flex;
        align-items: center;
        gap: 0.5rem;
        padding: 0 1.25rem 0.75rem;
        font-weight: 600;
    }

    .caution {
        margin-top: auto;
        padding-top: 1rem;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    /* A tablet held upright: the sheets above, the drawing as wide as it can be. */
    @media (width < 62rem) {
        .place {
            grid-template-columns: minmax(0, 1fr) 18rem;
            grid-template-rows: minmax(12rem, 26%) minmax(0, 1fr);
        }

        .place > nav {
            grid-column: 1 / -1;
            border-right: 0;
            border-bottom: 1px solid var(--line);
        }

        .place > nav > ul {
            display: grid;
            grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
        }
    }

    @media (pointer: coarse) {
        ol button {
            min-height: var(--target);
        }
    }
</style>
