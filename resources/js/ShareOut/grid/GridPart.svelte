<script lang="ts">
    import type { Cursor, Held } from '@/ShareOut/grid.svelte'
    import type { Goods, Good, GridCard, GridLine } from '@/lib/props'
    import GridRow from './GridRow.svelte'

    interface Props {
        /** The name of the group, if it begins here. */
        title: string | null
        lines: GridLine[]
        /** The row number in the whole grid of its first row. */
        first: number
        cards: GridCard[]
        goods: Goods
        cursor: Cursor
        held: Held
        isDense: boolean
        /** The grid is so long that parts far from view are only empty space of their height. */
        isLong: boolean
        /** The element it scrolls in. */
        view: HTMLElement | null
    }

    let { title, lines, first, cards, goods, cursor, held, isDense, isLong, view }: Props = $props()

    /** As far as one key can go, so that the next cell is already there. */
    const STEP = 8
    const ROW = { dense: 17, usual: 31 }

    let body: HTMLTableSectionElement | undefined = $state()
    let isNear = $state(false)
    /** The height of its rows when they were last seen. */
    let seen = $state({ isDense: false, px: 0 })
    const guess = $derived(lines.length * (isDense ? ROW.dense : ROW.usual))
    const px = $derived(seen.px > 0 && seen.isDense === isDense ? seen.px : guess)
    const hasCursor = $derived(cursor.at.row >= first - STEP && cursor.at.row < first + lines.length + STEP)

    $effect(() => {
        if (!isLong || !view || !body) return
        const watch = new IntersectionObserver(
            ([entry]) => {
                const isNow = entry?.isIntersecting ?? true
                if (isNear && !isNow) seen = { isDense, px: height() }
                isNear = isNow
            },
            { root: view, rootMargin: '100% 0px' },
        )
        watch.observe(body)
        return () => watch.disconnect()
    })

    function height(): number {
        const head = title === null ? 0 : (body?.rows[0]?.offsetHeight ?? 0)
        return (body?.offsetHeight ?? 0) - head
    }
</script>

<tbody bind:this={body}>
    {#if title !== null}
        <tr class="group" class:isDense><th scope="rowgroup" colspan={cards.length + 2}>{title}</th></tr>
    {/if}
    {#if !isLong || isNear || hasCursor}
        {#each lines as line, n (line.id)}
            <GridRow {line} r={first + n} {cards} good={goods[line.id] as Good} {cursor} {held} {isDense} {isLong} />
        {/each}
    {:else}
        <tr aria-hidden="true"><td colspan={cards.length + 2} style:height="{px}px"></td></tr>
    {/if}
</tbody>

<style>
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

    .group.isDense th {
        padding-block: 1px;
        font-size: 0.6875rem;
    }
</style>
