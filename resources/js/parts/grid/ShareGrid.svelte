<script lang="ts">
    import { tick, untrack } from 'svelte'
    import Measure from '@/parts/Measure.svelte'
    import { Cursor, Held } from '@/lib/grid.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { kit } from '@/lib/kit'
    import type { Good, Goods, GridCard, GridLine, ShareOutPage } from '@/lib/props'
    import CardHead from './CardHead.svelte'
    import GridFoot from './GridFoot.svelte'
    import RowHead from './RowHead.svelte'
    import Takings from './Takings.svelte'
    import { saidOf, takingsOf } from './says'

    interface Props {
        cards: GridCard[]
        groups: ShareOutPage['groups']
        goods: Goods
        isDense: boolean
    }

    /** Components down, cards across, Keep last: what each card takes from each component, and what is left. */
    const props: Props = $props()

    // Each of thousands of cells looks at these: they are told of a change where there is one, and not with every page.
    const cards = $derived(props.cards)
    const groups = $derived(props.groups)
    const goods = $derived(props.goods)
    const isDense = $derived(props.isDense)
    const rows = $derived(groups.flatMap((group) => group.lines))
    const placeOf = $derived(new Map(rows.map((line, r) => [line.id, r])))
    const cursor = untrack(
        () =>
            new Cursor(
                kit.frame.url,
                () => rows,
                () => cards,
            ),
    )
    const held = new Held()

    const good = (line: GridLine): Good => goods[line.id] as Good

    /** A click goes to the cell; where something is held, it is put down there. */
    function press(event: MouseEvent & { currentTarget: HTMLElement }): void {
        event.currentTarget.focus()
        if (held.thing) held.turn(cursor.row, cursor.card)
    }
    const turn = (): void => held.turn(cursor.row, cursor.card)

    // The foot grows with what it has to say: the cell it speaks of stays in view.
    let height = $state(0)
    let head = $state(0)
    $effect(() => {
        if (height > 0) cursor.table?.querySelector('td:focus')?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
    })

    useKeys(() => [{ key: 'c', shown: 'C', says: 'Go to the cells of the grid', run: () => void tick().then(() => cursor.focus()) }])
</script>

<div class="scroll" class:isDense bind:clientHeight={height} style:scroll-padding-top="{head}px">
    <table bind:this={cursor.table} role="grid" aria-label="Share-out: components and cards" onkeydown={(event) => cursor.move(event)}>
        <thead bind:offsetHeight={head}>
            <tr>
                <th scope="col" class="component">component, how many</th>
                {#each cards as card, c (card.id)}
                    <th scope="col" class:here={c === cursor.at.card}><CardHead {card} {goods} {isDense} /></th>
                {/each}
                <th scope="col" class="keep">Keep</th>
            </tr>
        </thead>
        {#each groups as group (group.title)}
            <tbody>
                <tr class="group"><th scope="rowgroup" colspan={cards.length + 2}>{group.title}</th></tr>
                {#each group.lines as line (line.id)}
                    {@const r = placeOf.get(line.id) ?? 0}
                    <tr class:short={line.short}>
                        <th scope="row" class="component"><RowHead {line} good={good(line)} {isDense} /></th>
                        {#each cards as card, c (card.id)}
                            {@const takings = takingsOf(line, card)}
                            <td
                                role="gridcell"
                                data-cell="{r}/{c}"
                                tabindex={cursor.isAt(r, c) ? 0 : -1}
                                class:column={c === cursor.at.card}
                                class:isShort={takings.some((taking) => taking.isShort)}
                                aria-label={saidOf(line, card, good(line))}
                                onfocus={() => cursor.goTo(r, c)}
                                onclick={press}
                                ondblclick={turn}
                            >
                                <Takings {takings} good={good(line)} {isDense} />
                            </td>
                        {/each}
                        <td
                            class="keep"
                            role="gridcell"
                            data-cell="{r}/{cards.length}"
                            tabindex={cursor.isAt(r, cards.length) ? 0 : -1}
                            aria-label="{line.short ? `${line.short} short` : line.keep}; {line.balance}"
                            onfocus={() => cursor.goTo(r, cards.length)}
                            onclick={press}
                            ondblclick={turn}
                        >
                            {#if line.short}<strong>{line.short} short</strong>{:else}<Measure text={line.keep} />{/if}
                        </td>
                    </tr>
                {/each}
            </tbody>
        {/each}
    </table>
</div>
<GridFoot {cursor} {held} {goods} {isDense} />

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
        background: var(--kraft-strong);
        color: var(--on-kraft);
        font-size: var(--body);
    }

    .short .keep {
        background: repeating-linear-gradient(135deg, var(--madder-soft) 0 6px, var(--kraft-soft) 6px 12px);
    }

    strong {
        color: var(--madder);
    }

    .isShort {
        background: repeating-linear-gradient(135deg, var(--madder-soft) 0 5px, transparent 5px 10px);
    }

    .isDense {
        font-size: 0.75rem;
        line-height: 1;
    }

    .isDense tbody th.component,
    .isDense td {
        height: 1rem;
    }

    .isDense .group th {
        padding-block: 1px;
        font-size: 0.6875rem;
    }

    .isDense thead th {
        padding-top: 0.125rem;
    }

    @media (pointer: coarse) {
        tbody th.component,
        td {
            height: var(--target);
        }
    }

    /* On a phone: cards beside the names of things; what is kept comes after the last card. */
    @media (width < 48rem) {
        .scroll {
            flex: none;
            height: 55dvh;
        }

        .component {
            min-width: 9rem;
            padding-left: 0.75rem;
        }

        td.keep,
        thead .keep {
            right: auto;
        }
    }
</style>
