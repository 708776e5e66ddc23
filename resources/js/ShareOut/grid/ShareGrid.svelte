<script lang="ts">
    import { flushSync, tick, untrack } from 'svelte'
    import { Cursor, Held } from '@/ShareOut/grid.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { kit } from '@/lib/kit'
    import type { Goods, GridCard, ShareOutPage } from '@/lib/props'
    import CardHead from './CardHead.svelte'
    import GridFoot from './GridFoot.svelte'
    import GridPart from './GridPart.svelte'
    import { partsOf } from './parts'

    interface Props {
        cards: GridCard[]
        groups: ShareOutPage['groups']
        goods: Goods
        isDense: boolean
    }

    /** Components down, cards across, Keep last: what each card takes from each component, and what is left. */
    const props: Props = $props()

    // Thousands of cells read these, so they change only when there is a change, and not with every page.
    const cards = $derived(props.cards)
    const groups = $derived(props.groups)
    const goods = $derived(props.goods)
    const isDense = $derived(props.isDense)
    const rows = $derived(groups.flatMap((group) => group.lines))

    /** A grid with more rows than this draws only those in view, in parts of this many, since a kit may have two thousand. */
    const LONG = 300
    const AT_A_TIME = 40
    let isPrinted = $state(false)
    const parts = $derived(partsOf(groups, rows.length > LONG ? AT_A_TIME : LONG))
    const isLong = $derived(rows.length > LONG && !isPrinted)
    const cursor = untrack(
        () =>
            new Cursor(
                kit.frame.url,
                () => rows,
                () => cards,
            ),
    )
    const held = new Held()

    // The foot grows with its text, so the cell it is about is scrolled into view.
    let scroll: HTMLElement | null = $state(null)
    let height = $state(0)
    let head = $state(0)
    $effect(() => {
        if (height > 0) cursor.table?.querySelector('td:focus')?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
    })

    useKeys(() => [{ key: 'c', shown: 'C', says: 'Go to the cells of the grid', run: () => void tick().then(() => cursor.focus()) }])
</script>

<!-- On paper nothing is out of view. -->
<svelte:window onbeforeprint={() => flushSync(() => (isPrinted = true))} onafterprint={() => (isPrinted = false)} />

<div class="scroll" class:isDense bind:this={scroll} bind:clientHeight={height} style:scroll-padding-top="{head}px">
    <table
        bind:this={cursor.table}
        role="grid"
        aria-label="Share-out: components and cards"
        aria-rowcount={isLong ? rows.length + 1 : undefined}
        onkeydown={(event) => cursor.move(event)}
    >
        <thead bind:offsetHeight={head}>
            <tr aria-rowindex={isLong ? 1 : undefined}>
                <th scope="col" class="component">component, how many</th>
                {#each cards as card, c (card.id)}
                    <th scope="col" class="card" class:here={c === cursor.at.card}><CardHead {card} {goods} {isDense} /></th>
                {/each}
                <th scope="col" class="keep">Keep</th>
            </tr>
        </thead>
        {#each parts as part (part.key)}
            <GridPart {...part} {cards} {goods} {cursor} {held} {isDense} {isLong} view={scroll} />
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
        left: 0;
        min-width: 13.5rem;
        padding: 0 0.5rem 0 1.25rem;
        border-right: 1px solid var(--line);
        text-align: left;
    }

    thead .component {
        z-index: 3;
        color: var(--ink-soft);
    }

    .card {
        min-width: 4.5rem;
    }

    .here {
        background: color-mix(in srgb, var(--here-soft) 55%, var(--sheet));
    }

    thead .keep {
        right: 0;
        z-index: 3;
        min-width: 8.5rem;
        padding: 0 0.75rem 0.25rem;
        background: var(--kraft-strong);
        border-left: 2px solid var(--kraft);
        color: var(--on-kraft);
        font-size: var(--body);
        font-weight: 600;
        text-align: left;
        white-space: nowrap;
    }

    .isDense {
        font-size: 0.75rem;
        line-height: 1;
    }

    .isDense thead th {
        padding-top: 0.125rem;
    }

    /* On a phone: cards beside the names of things, with Keep after the last card. */
    @media (width < 48rem) {
        .scroll {
            flex: none;
            height: 55dvh;
        }

        .component {
            min-width: 9rem;
            padding-left: 0.75rem;
        }

        thead .keep {
            right: auto;
        }
    }
</style>
