<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Files from '@/parts/Files.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import Bags from './Bags.svelte'
    import CutSteps from './CutSteps.svelte'
    import CutSummary from './CutSummary.svelte'
    import NewPlan from './NewPlan.svelte'
    import SheetDrawing from './SheetDrawing.svelte'
    import SheetList from './SheetList.svelte'
    import WaysOut from '@/parts/WaysOut.svelte'
    import WentWrong from './WentWrong.svelte'
    import { count } from '@/lib/format'
    import { hold, useKeys } from '@/lib/keys.svelte'
    import { kit } from '@/lib/kit'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { CutPage } from '@/lib/props'

    let { sheets, sheet, goods, bags, bound, hasCards, card, proposal, better, shorts }: CutPage = $props()

    const url = $derived(`${kit.frame.url}/cut`)
    const bag = $derived(bags.find((one) => one.card === card))
    const mayCut = $derived(!!sheet && !sheet.isCut && !proposal)

    // The maker may look at later cuts. What is recorded is the first cut of the part.
    let looked = $state(0)
    const at = $derived(Math.min(looked, (sheet?.cuts.length ?? 1) - 1))
    let isWrong = $state(false)
    let chooser: HTMLSelectElement | undefined = $state()
    let asked = 0
    $effect(() => {
        if (sheet?.id === asked) return
        asked = sheet?.id ?? 0
        looked = 0
        isWrong = false
    })

    const look = (cut: number): void => {
        looked = Math.max(0, Math.min(cut, (sheet?.cuts.length ?? 1) - 1))
    }
    const ask = (query: Record<string, string | number>): void => router.get(url, query, { preserveState: true, preserveScroll: true })

    function markCut(): void {
        if (sheet && mayCut) sender.send(card === null ? `cut/${sheet.id}` : `cut/${sheet.id}/for/${card}`)
    }

    /** Pressed while the cut before is being recorded: it is sent as soon as that is done. */
    let isWaiting = false
    function cutOnce(): void {
        if (isWaiting) return
        isWaiting = sender.isBusy
        sender.send(() => `cut/${sheet?.id}/once`, card === null ? {} : { card }, { when: () => ((isWaiting = false), mayCut) })
    }

    function propose(path: string, data: Record<string, string> = {}): void {
        router.get(`${url}/${path}`, data, { preserveState: true, preserveScroll: true })
    }

    function accept(): void {
        if (proposal) sender.send(`cut/${proposal.path}`, proposal.data)
    }

    const leave = (): void => router.get(url)

    function cutFor(chosen: string): void {
        // The keys of the page work again as soon as a card is chosen.
        chooser?.blur()
        ask(chosen ? { card: chosen } : {})
    }

    function go(step: number): void {
        const here = sheets.findIndex((entry) => entry.id === sheet?.id)
        const next = sheets[Math.max(0, Math.min(sheets.length - 1, here + step))]
        if (next && !proposal) router.get(url, { sheet: next.id, ...(card ? { card } : {}) }, { preserveScroll: true })
    }

    poll('better', () => better.search !== null)

    hold(() => (proposal ? 'A new plan is proposed. Press A to accept it, or Esc to keep the old plan.' : null))

    useKeys(() => [
        ...(proposal
            ? [
                  { key: 'a', shown: 'A', says: 'Accept the new plan', run: accept },
                  { key: 'Escape', shown: 'Esc', says: 'Keep the old plan', run: leave },
              ]
            : [
                  { key: 'b', shown: 'B', says: 'Cut for one card only', run: () => chooser?.focus() },
                  { key: 'ArrowDown', shown: '↓', says: 'Next sheet', run: () => go(1) },
                  { key: 'ArrowUp', shown: '↑', says: 'Sheet before', run: () => go(-1) },
              ]),
        ...(mayCut
            ? [
                  { key: 'd', shown: 'D', says: 'Mark the cut as done', run: cutOnce },
                  { key: 'c', shown: 'C', says: 'Mark the sheet as cut, or all of it that the chosen card needs', run: markCut },
                  { key: 'w', shown: 'W', says: 'Report a mistake', run: () => (isWrong = !isWrong) },
              ]
            : []),
        { key: 'ArrowRight', shown: '→', says: 'Look at the next cut', run: () => look(at + 1) },
        { key: 'ArrowLeft', shown: '←', says: 'Look at the cut before', run: () => look(at - 1) },
    ])
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
                {hasCards ? 'The cards take no papers.' : 'Share the kit out first. Then every sheet is drawn here with its cuts in order.'}
            </p>
            <Button main onclick={() => router.visit(`${kit.frame.url}/share-out`)}>Go to Share out</Button>
        </Empty>
    {:else}
        <div class="place">
            <nav aria-label="Sheets">
                <CutSummary {sheets} {bag} {bound} better={proposal ? null : better} />
                {#if !proposal}
                    <label class="for">
                        Cut for
                        <select bind:this={chooser} value={card ?? ''} onchange={(event) => cutFor(event.currentTarget.value)}>
                            <option value="">all cards</option>
                            {#each bags as one (one.card)}
                                <option value={one.card}>card {one.number}{one.cut.length === one.all ? ', all cut' : ''}</option>
                            {/each}
                        </select>
                    </label>
                {/if}
                <SheetList {sheets} current={sheet.id} {card} />
                <Bags {bags} onspoiled={(taking) => propose(`pieces/${taking}/spoiled`)} onprint={() => sender.send('cut/labels')} />
            </nav>
            <section aria-labelledby="sheet-title">
                <h1 id="sheet-title">{sheet.name}, <Measure text={sheet.which} /></h1>
                <p class="soft">
                    {sheet.isPart ? 'The part you are cutting, ' : ''}<Measure text="{sheet.measure}, to scale" /> · print side up · {count(
                        sheet.left,
                        'cut',
                    )}{sheet.left === sheet.all ? '' : ' left'}, {count(sheet.settings, 'setting')} of the guide
                    {#if !proposal}<Files at="sheet" of="{url}/{sheet.id}" inText />{/if}
                </p>
                <SheetDrawing
                    size={sheet.size}
                    component={sheet.component}
                    parts={sheet.parts}
                    cuts={sheet.cuts}
                    current={sheet.isCut ? null : at}
                    blemishes={sheet.blemishes}
                    directional={goods[sheet.component]?.faces[0]?.directional ?? false}
                    choose={look}
                />
            </section>
            <aside aria-label="Cuts">
                {#each proposal ? [] : shorts as short, n (`${short.card}/${short.part}`)}
                    <WaysOut {short} keyed={n === 0} />
                {/each}
                {#if proposal}
                    <NewPlan {proposal} disabled={sender.isBusy} onaccept={accept} onleave={leave} />
                {:else if sheet.isCut}
                    <h2>This sheet is cut.</h2>
                    <p>Its pieces are with their cards; its offcuts are on the tray under Keep.</p>
                {:else if sheet.cuts.length}
                    <CutSteps {sheet} {at} choose={look} />
                    <div class="acts">
                        <Button main key="D" disabled={sender.isBusy} onclick={cutOnce}>Mark the cut as done</Button>
                        <Button key="C" disabled={sender.isBusy} onclick={markCut}>
                            {bag ? `Mark all for card ${bag.number} as cut` : 'Mark the sheet as cut'}
                        </Button>
                        <Button disabled={sender.isBusy} onclick={() => sender.send(`cut/${sheet.id}/motor`)}
                            >Send to the motor cutter</Button
                        >
                        <Button key="W" aria-expanded={isWrong} onclick={() => (isWrong = !isWrong)}>Report a mistake</Button>
                    </div>
                    {#if isWrong}
                        <WentWrong
                            cut={sheet.cuts[0]}
                            unit={kit.frame.unit}
                            errors={kit.errors}
                            disabled={sender.isBusy}
                            onask={(data) => propose(`${sheet.id}/wrong`, data)}
                        />
                    {/if}
                {:else}
                    <h2>No cut needed</h2>
                    <p>The whole sheet is one piece.</p>
                    <Button main key="C" disabled={sender.isBusy} onclick={markCut}>Mark the sheet as taken</Button>
                {/if}
                <p class="caution">
                    <b>Blade:</b> keep your fingers behind the guard, and cut away from yourself. Close or cap the blade between sheets. Your
                    trimmer’s own instructions come first.
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

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
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

    /* A tablet held upright: the sheets above, and the drawing as wide as possible. */
    @media (width < 62rem) {
        .place {
            grid-template-columns: minmax(0, 1fr) 18rem;
            grid-template-rows: minmax(12rem, 26%) minmax(0, 1fr);
        }

        nav {
            grid-column: 1 / -1;
            border-right: 0;
            border-bottom: 1px solid var(--line);
        }
    }

    /* On a phone in one hand beside the trimmer: the setting of the guide, the sheet, and the buttons under the thumb. */
    @media (width < 48rem) {
        .place {
            display: flex;
            flex-direction: column;
            height: auto;
            min-height: 100%;
        }

        aside {
            display: contents;
        }

        aside > :global(*) {
            margin-inline: 1rem;
        }

        aside > :global(:first-child) {
            margin-top: 0.75rem;
        }

        section {
            order: 1;
            grid-template-rows: auto auto 19rem;
            padding: 1rem;
        }

        nav,
        .caution {
            order: 2;
        }

        .caution {
            margin-top: 0;
        }

        .acts {
            position: sticky;
            z-index: 2;
            bottom: 0;
            display: grid;
            order: 3;
            grid-template-columns: 1fr 1fr;
            margin: auto 0 0;
            padding: 0.5rem 0.75rem;
            border-top: 1px solid var(--line-strong);
            background: var(--sheet);
        }

        .acts > :global(:first-child) {
            grid-column: 1 / -1;
            justify-content: center;
            min-height: 3.75rem;
        }
    }
</style>
