<script lang="ts">
    import Measure from '@/parts/Measure.svelte'
    import type { Cursor, Held } from '@/ShareOut/grid.svelte'
    import type { Good, GridCard, GridLine } from '@/lib/props'
    import RowHead from './RowHead.svelte'
    import Takings from './Takings.svelte'
    import { saidOf, takingsOf } from './says'

    interface Props {
        line: GridLine
        /** Its row number in the whole grid. */
        r: number
        cards: GridCard[]
        good: Good
        cursor: Cursor
        held: Held
        isDense: boolean
        /** Not all rows are there, so each says its number. */
        isLong: boolean
    }

    /** A component: what each card takes from it, and what is left. */
    let { line, r, cards, good, cursor, held, isDense, isLong }: Props = $props()

    /** A click goes to the cell. If something is held, it is put down there. */
    function press(event: MouseEvent & { currentTarget: HTMLElement }): void {
        event.currentTarget.focus()
        if (held.thing) turn()
    }
    const turn = (): void => held.turn(cursor.row, cursor.card)
</script>

<tr class:short={line.short} class:isDense aria-rowindex={isLong ? r + 2 : undefined}>
    <th scope="row" class="component"><RowHead {line} {good} {isDense} /></th>
    {#each cards as card, c (card.id)}
        {@const takings = takingsOf(line, card)}
        <td
            role="gridcell"
            data-cell="{r}/{c}"
            tabindex={cursor.isAt(r, c) ? 0 : -1}
            class:column={c === cursor.at.card}
            class:isShort={takings.some((taking) => taking.isShort)}
            aria-label={saidOf(line, card, good)}
            onfocus={() => cursor.goTo(r, c)}
            onclick={press}
            ondblclick={turn}
        >
            <Takings {takings} {good} {isDense} />
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

<style>
    .component {
        position: sticky;
        left: 0;
        z-index: 1;
        padding: 0 0.5rem 0 1.25rem;
        background: var(--sheet);
        border-right: 1px solid var(--line);
        color: var(--ink);
        font-weight: 500;
        text-align: left;
    }

    .component,
    td {
        height: 1.875rem;
        border-bottom: 1px solid var(--line);
    }

    td {
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

    .column {
        background: color-mix(in srgb, var(--here-soft) 55%, var(--sheet));
    }

    .keep {
        position: sticky;
        right: 0;
        z-index: 1;
        padding: 0 0.75rem;
        background: var(--kraft-soft);
        border-left: 2px solid var(--kraft);
        border-right: 0;
        color: var(--kraft-ink);
        font-weight: 600;
        text-align: left;
        white-space: nowrap;
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

    .isDense .component,
    .isDense td {
        height: 1rem;
    }

    @media (pointer: coarse) {
        .component,
        td {
            height: var(--target);
        }
    }

    @media (width < 48rem) {
        .component {
            padding-left: 0.75rem;
        }

        .keep {
            right: auto;
        }
    }
</style>
