<script module lang="ts">
    /** The selected piece stays selected after undo, which makes the page again. */
    let inHandStill = ''
</script>

<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import Gallery from './Gallery.svelte'
    import Others from './Others.svelte'
    import PieceInHand from './PieceInHand.svelte'
    import Findings from './Findings.svelte'
    import { actsOn } from './cardActs'
    import { mm } from '@/lib/format'
    import { useKeys } from '@/lib/keys.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { ArrangePage } from '@/lib/props'

    let props: ArrangePage = $props()

    const { cards, inHand, goods } = $derived(props)
    const url = $derived(`${kit.frame.url}/arrange`)
    const front = $derived(cards.find((card) => card.id === inHand?.id)?.front)
    const acts = actsOn(() => inHand?.id ?? 0)
    const unwaved = $derived(
        sender.at.startsWith('waive') && kit.errors['why'] ? { check: sender.at.slice(6), says: kit.errors['why'] } : null,
    )

    let chosen = $state(inHandStill)
    $effect(() => {
        inHandStill = chosen
    })
    const piece = $derived(
        inHand?.pieces.find((one) => one.id === chosen) ?? inHand?.pieces.find((one) => one.id === 'focal') ?? inHand?.pieces[0],
    )

    const show = (card: number): void => router.get(url, { card }, { preserveState: true, preserveScroll: true })

    function go(step: number): void {
        const next = cards[cards.findIndex((card) => card.id === inHand?.id) + step]
        if (next) show(next.id)
    }

    function pick(step: number): void {
        const all = inHand?.pieces ?? []
        const at = all.findIndex((one) => one.id === piece?.id)
        chosen = all[(at + step + all.length) % all.length]?.id ?? ''
    }

    function lay(does: string, by = 1): void {
        if (piece && !piece.isUsed) acts.act('piece', { part: piece.id, do: does, by })
    }

    const arrange = (arrangement: string): void => acts.act('arrange', { arrangement })
    const swap = (): void => {
        if (piece && !piece.isUsed) acts.act('swap-piece', { part: piece.id })
    }
    const many = (pieces: string): void => sender.send('arrange/many', { pieces })

    useKeys(() => [
        { key: '.', says: 'Next card', run: () => go(1) },
        { key: ',', says: 'Card before', run: () => go(-1) },
        { key: 'n', shown: 'N', says: 'Select the next piece', run: () => pick(1) },
        { key: 'N', shown: 'Shift N', says: 'Select the piece before', run: () => pick(-1) },
        { key: 'ArrowLeft', shown: '←', says: 'The piece a mark of the ruler to the left', run: () => lay('left') },
        { key: 'ArrowRight', shown: '→', says: 'to the right', run: () => lay('right') },
        { key: 'ArrowUp', shown: '↑', says: 'up', run: () => lay('up') },
        { key: 'ArrowDown', shown: '↓', says: 'down', run: () => lay('down') },
        { key: '[', says: 'Behind the next piece', run: () => lay('back') },
        { key: ']', says: 'Before the next piece', run: () => lay('forward') },
        { key: 't', shown: 'T', says: 'Tuck it further, by a mark', run: () => piece?.mayTuck && lay('tuck') },
        { key: 'T', shown: 'Shift T', says: 'Pull it out, by a mark', run: () => piece?.mayTuck && lay('tuck', -1) },
        { key: 'r', shown: 'R', says: 'Turn it by five degrees', run: () => lay('turn') },
        { key: 'R', shown: 'Shift R', says: 'Turn it the other way', run: () => lay('turn', -1) },
        { key: 'f', shown: 'F', says: 'On foam, or flat', run: () => lay(piece?.isLifted ? 'flat' : 'lift') },
        { key: 'h', shown: 'H', says: 'Put it back where the arrangement has it', run: () => lay('home') },
        { key: 'x', shown: 'X', says: 'The next best piece in its place', run: swap },
        { key: 'Delete', shown: 'Del', says: 'Leave it off', run: () => lay('drop') },
        { key: 'g', shown: 'G', says: 'Next arrangement of these pieces', run: () => inHand?.next && arrange(inHand.next) },
    ])
</script>

<Frame title="Arrange">
    <SurfaceDefs {goods} />
    {#if !inHand || !front}
        <Empty title="No card to arrange yet">
            <p>Share the kit out first: every card is arranged as it is made. Then its pieces can be moved here.</p>
            <Button main href="{kit.frame.url}/share-out">To the cards</Button>
        </Empty>
    {:else}
        <div class="head">
            <h1>{cards.length === 1 ? 'One card.' : `${cards.length} cards.`}</h1>
            <p>
                {props.used} of {props.all} die cuts and stickers are on cards; {props.isAlike
                    ? 'some cards are built alike.'
                    : 'no two cards are built alike.'}
            </p>
            <div role="group" aria-label="Pieces a card">
                {#each props.wishes as wish (wish.key)}
                    <Button aria-pressed={wish.key === props.many} title={wish.label} onclick={() => many(wish.key)}
                        >{wish.key === 'many' ? 'Many pieces' : wish.key === 'few' ? 'Few' : 'Some'}</Button
                    >
                {/each}
            </div>
        </div>
        <div class="gallery"><Gallery {cards} {goods} inHand={inHand.id} onpick={show} /></div>
        <div class="desk">
            <section aria-labelledby="in-hand-title">
                <h2 id="in-hand-title">Card {inHand.number}, {inHand.name.toLowerCase()}{inHand.isChanged ? ', changed' : ''}</h2>
                <ul class="pieces" aria-label="Pieces, from the bottom up">
                    {#each inHand.pieces as one (one.id)}
                        <li>
                            <button type="button" aria-pressed={one.id === piece?.id} onclick={() => (chosen = one.id)}>{one.name}</button>
                        </li>
                    {/each}
                </ul>
                {#if piece}<PieceInHand {piece} ondo={lay} onswap={swap} />{/if}
                {#if inHand.more.length}
                    <label class="add">
                        Add a piece
                        <select value="" onchange={(event) => acts.act('add-piece', { component: event.currentTarget.value })}>
                            <option value="" disabled>choose</option>
                            {#each inHand.more as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
                        </select>
                    </label>
                {/if}
            </section>
            <section class="face" aria-label="Card {inHand.number}, large">
                <div class="front">
                    <CardFront {front} {goods} side={340} />
                    {#if piece}
                        <svg viewBox="0 0 {mm(front.size.width)} {mm(front.size.height)}" aria-hidden="true">
                            <rect x={mm(piece.box.x)} y={mm(piece.box.y)} width={mm(piece.box.width)} height={mm(piece.box.height)} />
                        </svg>
                    {/if}
                </div>
                <p><a href="{kit.frame.url}/cards/{inHand.id}">The card’s page</a></p>
            </section>
            <section aria-labelledby="others-title">
                <h2 id="others-title">Other arrangements of these pieces, best first</h2>
                <Others others={inHand.others} {goods} isGlued={inHand.pieces.some((one) => one.isUsed)} onpick={arrange} />
                <p class="row">
                    {#if inHand.next}<Button key="G" onclick={() => inHand.next && arrange(inHand.next)}>Next arrangement</Button>{/if}
                    <Button href="{kit.frame.url}/arrangements">All arrangements</Button>
                </p>
            </section>
            <section aria-labelledby="eye-title">
                <h2 id="eye-title">Hints</h2>
                <Findings
                    findings={inHand.findings}
                    muted={props.muted}
                    fault={unwaved}
                    onrepair={(does, with_) => acts.act(does, with_, `repair ${does}`)}
                    onwave={(check, why) => acts.act('waive', { check, why }, `waive ${check}`)}
                    onmute={(check) => sender.send('mute', { check })}
                />
            </section>
        </div>
    {/if}
</Frame>

<style>
    .head {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.25rem 0.75rem;
        padding: 0.5rem 1.5rem 0;
    }

    .head h1,
    .head p {
        margin: 0;
        font-size: var(--body);
    }

    .head > :last-child {
        display: flex;
        gap: 0.5rem;
        margin-left: auto;
    }

    .gallery {
        padding: 0 1.5rem;
        border-bottom: 1px solid var(--line);
    }

    .desk {
        display: grid;
        grid-template-columns: minmax(17rem, 0.9fr) auto minmax(18rem, 1.2fr) minmax(15rem, 0.8fr);
        gap: 1.75rem;
        padding: 1rem 1.5rem 2rem;
    }

    h2 {
        margin: 0 0 0.5rem;
    }

    .pieces {
        display: flex;
        flex-wrap: wrap;
        gap: 0.375rem;
        margin: 0 0 0.75rem;
        padding: 0;
        list-style: none;
    }

    .pieces button {
        min-height: var(--target);
        padding: 0 0.625rem;
        border: 1px solid var(--line);
        border-radius: var(--radius);
        background: var(--sheet);
        color: var(--ink);
        cursor: pointer;
    }

    .pieces button[aria-pressed='true'] {
        border-color: var(--here);
        background: var(--here-soft);
        font-weight: 600;
    }

    .add {
        display: grid;
        gap: 0.25rem;
        margin-top: 0.75rem;
        font-size: var(--small);
        font-weight: 600;
    }

    .front {
        position: relative;
        width: fit-content;
    }

    .front svg {
        position: absolute;
        inset: 0;
        pointer-events: none;
    }

    .front rect {
        fill: none;
        stroke: var(--here);
        stroke-width: 0.7;
        stroke-dasharray: 2 1.2;
    }

    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }

    @media (width < 1200px) {
        .desk {
            grid-template-columns: minmax(17rem, 1fr) auto;
        }
    }

    @media (width < 760px) {
        .desk {
            grid-template-columns: 1fr;
        }
    }
</style>
