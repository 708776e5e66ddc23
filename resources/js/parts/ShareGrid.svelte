<script module lang="ts">
    import type { Extent, Front } from '@/lib/types'

    export interface Taking {
        part: string
        amount: string
        said: string
        quantity: number
        size: Extent | null
        face: number
        isCut: boolean
    }

    export interface Row {
        id: string
        isStash: boolean
        have: string
        cells: Record<string, Taking[]>
        keep: string
        short: string | null
        /** What is kept, as a sentence. */
        balance: string
    }

    export interface GridCard {
        id: number
        isBonus: boolean
        isBegun: boolean
        findings: number
        front: Front
    }
</script>

<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import { mm } from '@/lib/format'
    import { smallFill } from '@/lib/surfaces'
    import type { Good, Goods, Group } from '@/lib/types'
    import CardFront from './CardFront.svelte'
    import Measure from './Measure.svelte'
    import Silhouette from './Silhouette.svelte'

    /** Components down, cards across, Keep last: what each card takes from each component, and what is left. */
    let { cards, groups, goods, url }: { cards: GridCard[]; groups: Group<Row>[]; goods: Goods; url: string } = $props()

    const rows = $derived(groups.flatMap((group) => group.lines))
    let at = $state({ row: 0, card: 0 })
    const row = $derived(rows[Math.min(at.row, rows.length - 1)])
    const card = $derived(cards[Math.min(at.card, cards.length - 1)])
    let table: HTMLTableElement

    const good = (line: Row): Good => goods[line.id] as Good

    /** Pixels to a millimetre, so that the whole sheet of a row would be as high as its cell. */
    function scale(line: Row): number {
        const size = good(line).size
        return size ? 26 / mm(Math.max(size.width, size.height)) : 0
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
        at = { row: clamp(at.row + step[0], rows.length - 1), card: clamp(at.card + step[1], cards.length - 1) }
        table.querySelector<HTMLElement>(`[data-cell="${at.row}/${at.card}"]`)?.focus()
    }

    const said = (line: Row, of: GridCard): string => {
        const takings = line.cells[of.id] ?? []
        if (takings.length === 0) return `Card ${of.front.number} takes nothing from ${good(line).name}`
        return `Card ${of.front.number} takes ${takings.map((taking) => taking.said).join(' and ')} from ${good(line).name}`
    }
    const faceOf = (line: Row, of: GridCard): string => {
        const taking = (line.cells[of.id] ?? []).find((one) => one.size)
        const face = taking ? good(line).faces[taking.face] : undefined
        if (!face || good(line).faces.length < 2) return ''
        return `${face.name} side shows; ${face.busy ? 'busy' : 'calm'}${face.directional ? ', print upright' : ''}.`
    }
    const position = (line: Row): number => rows.indexOf(line)
</script>

<div class="scroll">
    <table bind:this={table} role="grid" aria-label="Share-out: components and cards" onkeydown={move}>
        <thead>
            <tr>
                <th scope="col" class="component">component, how many</th>
                {#each cards as one, c (one.id)}
                    <th scope="col" class:here={c === at.card}>
                        <div class="head">
                            <CardFront front={one.front} {goods} side={74} />
                            <Link href="{url}/cards/{one.id}" aria-label="Card {one.front.number}, {one.front.occasion}: open it"
                                ><b>{one.front.number}</b> {one.front.occasion}</Link
                            >
                            {#if one.findings}<em class="lacks">{one.findings} to look at</em>{/if}
                            {#if one.isBonus}<em>bonus</em>{/if}
                            {#if one.isBegun}<em>begun</em>{/if}
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
                                onclick={(event) => event.currentTarget.focus()}
                            >
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
                        <td class="keep">
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
<footer aria-live="polite">
    {#if row && card}
        <p>
            <strong><Measure text={said(row, card)} /></strong>
            <span>{faceOf(row, card)} <Measure text={row.balance} /></span>
        </p>
        <p class="keys"><kbd>←</kbd><kbd>↑</kbd><kbd>↓</kbd><kbd>→</kbd> move <kbd>?</kbd> all keys</p>
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
        align-items: center;
        justify-content: space-between;
        gap: 1rem;
        min-height: 3.75rem;
        padding: 0.375rem 1.25rem;
        border-top: 2px solid var(--ink);
    }

    footer strong {
        display: block;
        font-size: 1.0625rem;
    }

    footer span,
    .keys {
        color: var(--ink-soft);
    }

    .keys {
        white-space: nowrap;
    }

    kbd {
        margin: 0 1px;
        padding: 0 0.4em;
        border: 1px solid var(--line-strong);
        border-radius: 3px;
        font: inherit;
        font-size: var(--small);
    }

    @media (pointer: coarse) {
        tbody th.component,
        td {
            height: var(--target);
        }
    }
</style>
