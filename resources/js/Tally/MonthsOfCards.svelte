<script lang="ts">
    import { month } from '@/lib/format'
    import type { MonthOfCards } from '@/lib/props'

    /** The cards that were made, month by month, drawn or as a table. Bonus cards are on top. */
    let { months, isTable }: { months: MonthOfCards[]; isTable: boolean } = $props()

    const HEIGHT = 110
    const most = $derived(Math.max(1, ...months.map(({ cards }) => cards)))
    const each = $derived(Math.max(8, Math.min(64, 1180 / months.length)))
    /** Only as many months are named as there is room for. */
    const step = $derived(Math.ceil(64 / each))
    const high = (cards: number): number => (HEIGHT * cards) / most
</script>

{#if isTable}
    <table>
        <thead><tr><th scope="col">month</th><th scope="col">cards</th><th scope="col">of them bonus</th></tr></thead>
        <tbody>
            {#each months as one (one.month)}
                <tr><th scope="row">{month(one.month)}</th><td>{one.cards}</td><td>{one.bonus}</td></tr>
            {/each}
        </tbody>
    </table>
{:else}
    <div>
        <svg
            viewBox="0 0 {each * months.length + 24} {HEIGHT + 40}"
            width={each * months.length + 24}
            height={HEIGHT + 40}
            role="img"
            aria-label="Cards made by month, at most {most}. Press T for the table."
        >
            <line x1="0" x2={each * months.length} y1={HEIGHT + 18} y2={HEIGHT + 18} />
            {#each months as one, i (one.month)}
                <g transform="translate({i * each} 18)">
                    <rect
                        x="1"
                        width={each - 2}
                        y={HEIGHT - high(one.cards)}
                        height={high(one.cards - one.bonus)}
                        transform="translate(0 {high(one.bonus)})"
                    />
                    <rect class="bonus" x="1" width={each - 2} y={HEIGHT - high(one.cards)} height={high(one.bonus)} />
                    {#if one.cards && each >= 16}<text x={each / 2} y={HEIGHT - high(one.cards) - 4} text-anchor="middle">{one.cards}</text
                        >{/if}
                    {#if i % step === 0 && (months.length - i) * each + 24 > 56}<text class="month" x="1" y={HEIGHT + 16}
                            >{month(one.month)}</text
                        >{/if}
                </g>
            {/each}
        </svg>
        {#if months.some(({ bonus }) => bonus)}<p class="soft">The light tops are bonus cards.</p>{/if}
    </div>
{/if}

<style>
    div {
        overflow-x: auto;
    }

    svg {
        display: block;
    }

    rect {
        fill: var(--here);
    }

    .bonus {
        fill: var(--kraft);
    }

    line {
        stroke: var(--line-strong);
    }

    text {
        fill: var(--ink);
        font-size: 12px;
        font-weight: 600;
    }

    .month {
        fill: var(--ink-soft);
        font-weight: 400;
    }

    th,
    td {
        padding: 0.125rem 1.5rem 0.125rem 0;
        font-weight: 500;
        text-align: left;
    }
</style>
