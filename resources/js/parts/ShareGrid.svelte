<script module lang="ts">
    /** The cell in hand of each kit: an undo lays the page anew, and the keys go on where they were. */
    const places: Record<string, { row: number; card: number }> = {}
</script>

<script lang="ts">
    import { Link, page } from '@inertiajs/svelte'
    import Pin from '@lucide/svelte/icons/pin'
    import { tick, untrack } from 'svelte'
    import { mm } from '@/lib/format'
    import { useKeys } from '@/lib/keys.svelte'
    import { LOOKING_ON } from '@/lib/poll.svelte'
    import { afterActs, type Sender } from '@/lib/send.svelte'
    import { smallFill } from '@/lib/surfaces'
    import CardFront from './CardFront.svelte'
    import Measure from './Measure.svelte'
    import GridActs, { type Act } from './GridActs.svelte'
    import Silhouette from './Silhouette.svelte'
    import type { Good, Goods, GridCard, GridLine, KitFrame } from '@/lib/props'

    interface Props {
        cards: GridCard[]
        groups: Group<GridLine>[]
        goods: Goods
        url: string
        isDense: boolean
        send: Sender['send']
    }

    /** Components down, cards across, Keep last: what each card takes from each component, and what is left. */
    let { cards, groups, goods, url, isDense, send }: Props = $props()

    const rows = $derived(groups.flatMap((group) => group.lines))
    let at = $state(untrack(() => places[url] ?? { row: 0, card: 0 }))
    $effect(() => {
        places[url] = { ...at }
    })
    const row = $derived(rows[Math.min(at.row, rows.length - 1)])
    /** None in the last column, which is what is kept. */
    const card = $derived(cards[at.card])
    let table: HTMLTableElement

    /** What has been picked up, to be put down on another card or on Keep. */
    let held: { component: string; from: number | null } | null = $state(null)
    let why = $state('')
    // An answer holds for its cell, and for the table as it was.
    const asked = $derived(`${at.row}/${at.card}/${(page.props['frame'] as KitFrame).revision}`)
    $effect(() => {
        if (asked) why = ''
    })

    const short = $derived(row?.shortfalls.find((one) => !card || one.card === card.id) ?? row?.shortfalls[0])
    const WAYS = ['f', 'g', 'h', 'j', 'k', 'l', 'i']

    function onCell(path: string, data: Record<string, string | number> = {}): void {
        if (row && card) send(`grid/${path}`, { component: row.id, card: card.id, ...data })
    }
    function onCard(path: string): void {
        if (card) send(`grid/${path}`, { card: card.id })
    }
    function pickUpOrPutDown(): void {
        if (!row) return
        if (!held) {
            held = { component: row.id, from: card?.id ?? null }
            return
        }
        if (held.from !== (card?.id ?? null)) send('grid/move', { component: held.component, from: held.from, to: card?.id ?? null })
        held = null
    }
    async function ask(): Promise<void> {
        if (!row || !card) return
        const answer = await fetch(`${url}/grid/why?component=${row.id}&card=${card.id}`, {
            headers: { accept: 'application/json', ...LOOKING_ON },
        })
        why = answer.ok ? ((await answer.json()) as { says: string }).says : 'That could not be looked up. Try again.'
    }

    const acts = $derived<Act[]>([
        { key: '+', says: 'One more', of: 'cell', run: () => onCell('more', { by: 1 }) },
        { key: '-', shown: '−', says: 'One fewer', of: 'cell', run: () => onCell('more', { by: -1 }) },
        { key: 'x', shown: 'X', says: 'Swap for the next best', of: 'cell', run: () => onCell('swap') },
        { key: 'm', shown: 'M', says: held ? 'Put it down here' : 'Pick it up to move it', of: 'cell', run: pickUpOrPutDown },
        { key: 'p', shown: 'P', says: 'Pin what this card takes here', of: 'cell', run: () => onCell('pin') },
        { key: 'y', shown: 'Y', says: 'Why this?', of: 'cell', run: () => afterActs(() => void ask()) },
        {
            key: 'u',
            shown: 'U',
            says: 'Use up, save, never use, as it comes',
            of: 'row',
            run: () => row && send('grid/use', { component: row.id }),
        },
        { key: 'a', shown: 'A', says: 'Add a card', of: 'card', run: () => send('grid/add', {}) },
        { key: 'd', shown: 'D', says: 'Duplicate this card', of: 'card', run: () => onCard('duplicate') },
        { key: 'o', shown: 'O', says: 'Set this card aside', of: 'card', run: () => onCard('aside') },
        { key: 'Delete', shown: 'Del', says: 'Remove this card', of: 'card', run: () => onCard('remove') },
        { key: 'P', shown: 'Shift P', says: 'Pin this card', of: 'card', run: () => onCard('pin') },
    ])
    useKeys(() => [
        ...acts,
        ...(held ? [{ key: 'Escape', shown: 'Esc', says: 'Leave it where it was', run: () => (held = null) }] : []),
        ...(short?.ways ?? []).slice(0, WAYS.length).map((way, n) => ({
            key: WAYS[n] ?? '',
            shown: WAYS[n]?.toUpperCase() ?? '',
            says: `Way out: ${way.says}`,
            run: () => takeWay(way.says),
        })),
        { key: 'c', shown: 'C', says: 'Go to the cells of the grid', run: () => void focus() },
    ])
    function takeWay(says: string): void {
        if (short) send('grid/way', { card: short.card, part: short.part, says })
    }
    async function focus(): Promise<void> {
        await tick()
        table.querySelector<HTMLElement>(`[data-cell="${at.row}/${at.card}"]`)?.focus()
    }
    // A card that is removed, or a row that is gone, must not leave the keys without a cell.
    $effect(() => {
        if (at.row >= rows.length || at.card > cards.length) {
            at = { row: Math.min(at.row, rows.length - 1), card: Math.min(at.card, cards.length) }
        }
    })

    const good = (line: GridLine): Good => goods[line.id] as Good

    /** Pixels to a millimetre, so that the whole sheet of a row would be as high as its cell. */
    function scale(line: GridLine): number {
        const size = good(line).size
        return size ? (isDense ? 15 : 26) / mm(Math.max(size.width, size.height)) : 0
    }

    function move(event: KeyboardEvent): void {
        const steps: Record<string, [number, number]> = {
            ArrowUp: [-1, 0],
            ArrowDown: [1, 0],
            ArrowLeft: [0, -1],
            ArrowRight: [0, 1],
            PageUp: [-8, 0],
            PageDown: [8, 0],
            Home: [0, -cards.length],
            End: [0, cards.length],
        }
        const step = steps[event.key]
        if (!step) return
        event.preventDefault()
        const clamp = (n: number, most: number): number => Math.max(0, Math.min(n, most))
        at = { row: clamp(at.row + step[0], rows.length - 1), card: clamp(at.card + step[1], cards.length) }
        table.querySelector<HTMLElement>(`[data-cell="${at.row}/${at.card}"]`)?.focus()
    }

    const said = (line: GridLine, of: GridCard): string => {
        const takings = line.cells[of.id] ?? []
        if (takings.length === 0) return `Card ${of.front.number} takes nothing from ${good(line).name}`
        return `Card ${of.front.number} takes ${takings.map((taking) => taking.said).join(' and ')} from ${good(line).name}`
    }
    const faceOf = (line: GridLine, of: GridCard): string => {
        const taking = (line.cells[of.id] ?? []).find((one) => one.size)
        const face = taking ? good(line).faces[taking.face] : undefined
        if (!face || good(line).faces.length < 2) return ''
        return `${face.name} side shows; ${face.busy ? 'busy' : 'calm'}${face.directional ? ', print upright' : ''}.`
    }
    const position = (line: GridLine): number => rows.indexOf(line)
</script>

<div class="scroll" class:isDense>
    <table bind:this={table} role="grid" aria-label="Share-out: components and cards" onkeydown={move}>
        <thead>
            <tr>
                <th scope="col" class="component">component, how many</th>
                {#each cards as one, c (one.id)}
                    <th scope="col" class:here={c === at.card}>
                        <div class="head">
                            <CardFront front={one.front} {goods} side={isDense ? 34 : 74} />
                            <Link href="{url}/cards/{one.id}" aria-label="Card {one.front.number}, {one.front.occasion}: open it"
                                ><b>{one.front.number}</b> {one.front.occasion}</Link
                            >
                            {#if one.findings}<em class="lacks">{one.findings} to look at</em>{/if}
                            {#if one.isBonus}<em>bonus</em>{/if}
                            {#if one.isBegun}<em>begun</em>{/if}
                            {#if one.isPinned}<em><Pin size={11} aria-hidden="true" /> pinned</em>{/if}
                            {#if one.isShort}<em class="lacks">short</em>{/if}
                            {#if one.front.lacks.length}<em class="lacks">lacks {one.front.lacks.join(', ')}</em>{/if}
                        </div>
                    </th>
                {/each}
                <th scope="col" class="keep">Keep</th>
            </tr>
        </thead>
        {#each groups as group (group.title)}
            <tbody>
                <tr class="group"><th scope="rowgroup" colspan={cards.length + 2}>{group.title}</th></tr>
                {#each group.lines as line (line.id)}
                    {@const r = position(line)}
                    <tr class:short={line.short}>
                        <th scope="row" class="component">
                            <div>
                                {#each good(line).faces as face, i (i)}
                                    <svg width="20" height="20" viewBox="0 0 60 60" aria-hidden="true"
                                        ><rect class="edge" width="60" height="60" fill={smallFill(line.id, i)} /><title>{face.name}</title
                                        ></svg
                                    >
                                {:else}
                                    {#if good(line).shape}
                                        <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true"
                                            ><Silhouette
                                                good={{ ...good(line), words: null }}
                                                y={good(line).words ? 6 : 0}
                                                width={20}
                                                height={good(line).words ? 8 : 20}
                                            /></svg
                                        >
                                    {:else if good(line).colours.length}
                                        <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true"
                                            ><rect
                                                class="edge"
                                                x="2"
                                                y="4"
                                                width="16"
                                                height="12"
                                                rx="2"
                                                fill={good(line).colours[0]}
                                            /></svg
                                        >
                                    {/if}
                                {/each}
                                <span class="name" title={good(line).name}>{good(line).name}</span>
                                {#if line.isStash}<em>stash</em>{/if}
                                {#if line.use !== 'as it comes'}<em>{line.use}</em>{/if}
                                <span class="have"><Measure text={line.have} /></span>
                            </div>
                        </th>
                        {#each cards as one, c (one.id)}
                            {@const takings = line.cells[one.id] ?? []}
                            <td
                                role="gridcell"
                                data-cell="{r}/{c}"
                                tabindex={r === at.row && c === at.card ? 0 : -1}
                                class:column={c === at.card}
                                aria-label={said(line, one)}
                                onfocus={() => (at = { row: r, card: c })}
                                class:isShort={takings.some((taking) => taking.isShort)}
                                onclick={(event) => (event.currentTarget.focus(), held && pickUpOrPutDown())}
                                ondblclick={pickUpOrPutDown}
                            >
                                {#if takings.some((taking) => taking.isPinned)}<Pin size={12} aria-hidden="true" class="pin" />{/if}
                                {#each takings as taking, i (i)}
                                    {#if taking.size}
                                        {@const w = Math.max(3, mm(taking.size.width) * scale(line))}
                                        {@const h = Math.max(3, mm(taking.size.height) * scale(line))}
                                        <svg
                                            class:cut={taking.isCut}
                                            width={w}
                                            height={h}
                                            viewBox="0 0 {mm(taking.size.width)} {mm(taking.size.height)}"
                                            aria-hidden="true"
                                        >
                                            <rect class="edge" width="100%" height="100%" fill={smallFill(line.id, taking.face)} />
                                        </svg>
                                    {:else if good(line).shape && !good(line).words}
                                        <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true"
                                            ><Silhouette good={good(line)} width={22} height={22} /></svg
                                        >
                                    {:else}
                                        <span><Measure text={taking.amount || '✓'} /></span>
                                    {/if}
                                {/each}
                            </td>
                        {/each}
                        <td
                            class="keep"
                            role="gridcell"
                            data-cell="{r}/{cards.length}"
                            tabindex={r === at.row && at.card === cards.length ? 0 : -1}
                            aria-label="Keep: {line.balance}"
                            onfocus={() => (at = { row: r, card: cards.length })}
                            onclick={(event) => (event.currentTarget.focus(), held && pickUpOrPutDown())}
                            ondblclick={pickUpOrPutDown}
                        >
                            {#if line.short}
                                <strong class="shortfall">{line.short} short</strong>
                            {:else}
                                <Measure text={line.keep} />
                            {/if}
                        </td>
                    </tr>
                {/each}
            </tbody>
        {/each}
    </table>
</div>
<footer aria-live="polite" class:isDense>
    {#if row}
        <p class="said">
            {#if held}
                <strong>In hand: {goods[held.component]?.name}. Go to a card, or to Keep, and press M.</strong>
            {:else if why}
                <strong>{why}</strong>
            {:else}
                <strong><Measure text={card ? said(row, card) : `Keep: ${good(row).name}`} wraps /></strong>
                <span>{card ? faceOf(row, card) : ''} <Measure text={row.balance} wraps /></span>
            {/if}
        </p>
        {#if short}
            <div class="ways" role="group" aria-label="Ways out">
                <span><b>{row.short} short.</b> <Measure text={short.says} wraps /></span>
                {#each short.ways as way, n (way.says)}
                    <button type="button" onclick={() => takeWay(way.says)}
                        ><small>{way.kind}</small>
                        <Measure text={way.says} />{#if WAYS[n]}<kbd>{WAYS[n].toUpperCase()}</kbd>{/if}</button
                    >
                {/each}
            </div>
        {/if}
        <GridActs {acts} card={card?.front.number ?? null} name={good(row).name} />
    {/if}
</footer>

<style>
    .scroll {
        flex: 1;
        min-height: 0;
        overflow: auto;
        border-top: 1px solid var(--line);
    }

    table {
        width: 100%;
        border-collapse: separate;
        border-spacing: 0;
    }

    th {
        font-weight: 500;
    }

    thead th {
        position: sticky;
        top: 0;
        z-index: 2;
        padding: 0.5rem 0.25rem 0.25rem;
        background: var(--sheet);
        border-bottom: 2px solid var(--ink);
        vertical-align: bottom;
        font-size: var(--small);
    }

    .head {
        display: grid;
        justify-items: center;
        gap: 0.25rem;
        line-height: 1.2;
    }

    .head :global(a) {
        color: inherit;
        text-decoration: none;
    }

    .head :global(a:hover) {
        color: var(--here);
        text-decoration: underline;
    }

    .head b {
        font-size: var(--body);
    }

    em {
        padding: 0 0.375rem;
        border-radius: 3px;
        background: var(--kraft-soft);
        color: var(--kraft-ink);
        font-size: 0.75rem;
        font-style: normal;
    }

    .lacks {
        background: var(--madder-soft);
        color: var(--madder);
    }

    .component {
        position: sticky;
        left: 0;
        z-index: 1;
        min-width: 13.5rem;
        padding: 0 0.5rem 0 1.25rem;
        background: var(--sheet);
        border-right: 1px solid var(--line);
        color: var(--ink);
        text-align: left;
    }

    thead .component {
        z-index: 3;
        color: var(--ink-soft);
    }

    .component div {
        display: flex;
        align-items: center;
        gap: 0.375rem;
    }

    .name {
        max-width: 9.5rem;
        overflow: hidden;
        font-weight: 560;
        text-overflow: ellipsis;
        white-space: nowrap;
    }

    .have {
        margin-left: auto;
        padding-left: 0.5rem;
        color: var(--ink-soft);
    }

    .group th {
        position: sticky;
        left: 0;
        padding: 0.25rem 1.25rem;
        background: var(--rail);
        color: var(--ink-soft);
        font-size: var(--small);
        font-weight: 600;
        text-align: left;
    }

    tbody th.component,
    td {
        height: 1.875rem;
        border-bottom: 1px solid var(--line);
    }

    td {
        min-width: 4.5rem;
        padding: 0 0.25rem;
        border-right: 1px solid var(--line);
        text-align: center;
    }

    td:focus-visible,
    td:focus {
        outline: 2.5px solid var(--here);
        outline-offset: -2.5px;
        background: var(--here-soft);
    }

    .column,
    .here {
        background: color-mix(in srgb, var(--here-soft) 55%, var(--sheet));
    }

    td svg {
        vertical-align: middle;
    }

    td svg + svg {
        margin-left: 3px;
    }

    .edge {
        stroke: var(--paper-edge);
        stroke-width: 1px;
        vector-effect: non-scaling-stroke;
    }

    .cut {
        opacity: 0.45;
    }

    td.keep,
    thead .keep {
        position: sticky;
        right: 0;
        z-index: 1;
        min-width: 8.5rem;
        padding: 0 0.75rem;
        background: var(--kraft-soft);
        border-left: 2px solid var(--kraft);
        border-right: 0;
        color: var(--kraft-ink);
        font-weight: 600;
        text-align: left;
        white-space: nowrap;
    }

    thead .keep {
        z-index: 3;
        padding-bottom: 0.25rem;
        background: var(--kraft);
        color: #3d2b0c;
        font-size: var(--body);
    }

    :global([data-theme='evening']) thead .keep {
        background: #5a4a2e;
        color: var(--kraft-ink);
    }

    .short .keep {
        background: repeating-linear-gradient(135deg, var(--madder-soft) 0 6px, var(--kraft-soft) 6px 12px);
    }

    .shortfall {
        color: var(--madder);
    }

    footer {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        justify-content: space-between;
        gap: 0.25rem 1rem;
        min-height: 3.75rem;
        padding: 0.375rem 1.25rem;
        border-top: 2px solid var(--ink);
    }

    footer strong {
        display: block;
        font-size: 1.0625rem;
    }

    .said {
        flex: 1 1 24rem;
    }

    footer span {
        color: var(--ink-soft);
    }

    .ways {
        display: flex;
        flex: 1 0 100%;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem 0.5rem;
        order: 3;
    }

    .ways span {
        flex-basis: 100%;
        color: var(--madder);
    }

    .ways button {
        min-height: var(--target);
        padding: 0 0.75rem;
        border: 1px solid var(--line-strong);
        border-radius: var(--radius);
        background: var(--sheet);
        cursor: pointer;
    }

    .ways small {
        color: var(--ink-soft);
    }

    .isShort {
        background: repeating-linear-gradient(135deg, var(--madder-soft) 0 5px, transparent 5px 10px);
    }

    td :global(.pin) {
        margin-right: 2px;
        vertical-align: middle;
    }

    kbd {
        margin: 0 1px;
        padding: 0 0.4em;
        border: 1px solid var(--line-strong);
        border-radius: 3px;
        font: inherit;
        font-size: var(--small);
    }

    .isDense {
        font-size: 0.75rem;
        line-height: 1;
    }

    .isDense tbody th.component,
    .isDense td {
        height: 1rem;
    }

    footer.isDense {
        min-height: 0;
        padding-block: 0.125rem;
        line-height: 1.3;
    }

    .isDense strong {
        font-size: var(--body);
    }

    .isDense .name {
        line-height: 1.25;
    }

    .isDense .group th {
        padding-block: 1px;
        font-size: 0.6875rem;
    }

    .isDense .component svg,
    .isDense td svg {
        max-height: 0.9375rem;
    }

    .isDense .component svg {
        width: 0.8125rem;
        height: 0.8125rem;
    }

    .isDense thead th {
        padding-top: 0.125rem;
    }

    .isDense .head b {
        font-size: 0.75rem;
    }

    @media (pointer: coarse) {
        tbody th.component,
        td {
            height: var(--target);
        }
    }
</style>
