<script lang="ts">
    import { money } from '@/lib/format'
    import CardFront from '@/parts/CardFront.svelte'
    import type { Goods, SharedOut } from '@/lib/props'

    /** One share-out to compare with another: its figures, then its fronts. */
    let { solution, goods, other }: { solution: SharedOut; goods: Goods; other?: SharedOut | undefined } = $props()

    const said = (figure: SharedOut['figures'][number]): string => (figure.money ? money(figure.money) : figure.value)
    const differs = (n: number): boolean => {
        const mine = solution.figures[n]
        const theirs = other?.figures[n]
        return !!mine && !!theirs && said(mine) !== said(theirs)
    }
</script>

<dl>
    {#each solution.figures as figure, n (figure.name)}
        <div class:differs={differs(n)}>
            <dt>{figure.name}</dt>
            <dd>{said(figure)}</dd>
        </div>
    {/each}
</dl>
<ul>
    {#each solution.fronts as front (front.number)}
        <li><CardFront {front} {goods} side={74} /><span><b>{front.number}</b> {front.occasion}</span></li>
    {/each}
</ul>

<style>
    dl {
        display: grid;
        margin: 0;
    }

    dl div {
        display: flex;
        gap: 1rem;
        padding: 0.375rem 0.5rem;
        border-bottom: 1px solid var(--line);
    }

    .differs {
        background: var(--here-soft);
        font-weight: 650;
    }

    dt {
        flex: 0 0 13rem;
        color: var(--ink-soft);
        font-weight: 400;
    }

    dd {
        margin: 0;
    }

    ul {
        display: flex;
        flex-wrap: wrap;
        gap: 0.75rem;
        margin: 0;
        padding: 0.75rem 0;
        list-style: none;
    }

    li {
        display: grid;
        justify-items: center;
        align-content: end;
        gap: 0.25rem;
        font-size: var(--small);
    }
</style>
