<script lang="ts">
    import type { ScrapMonth } from '@/lib/props'

    /** How the scrap box grew and shrank: what came in above the line, what was used or thrown away below it. */
    let { months, area }: { months: ScrapMonth[]; area: string } = $props()

    const most = $derived(Math.max(1, ...months.map((m) => Math.max(m.in, m.used + m.thrown))))
    const HALF = 44
    const high = (n: number): number => (n / most) * HALF
    const name = new Intl.DateTimeFormat(navigator.language, { month: 'short', timeZone: 'UTC' })
    const label = (month: string): string => name.format(new Date(`${month}-01T00:00:00Z`))
</script>

<figure>
    <svg viewBox="0 0 {months.length * 28} 106" role="img" aria-label="In, used and thrown away by month; the figures are in the table">
        {#each months as month, i (month.month)}
            <rect class="in" x={i * 28 + 5} y={HALF - high(month.in)} width="18" height={high(month.in)} />
            <rect class="used" x={i * 28 + 5} y={HALF + 1} width="18" height={high(month.used)} />
            <rect class="thrown" x={i * 28 + 5} y={HALF + 1 + high(month.used)} width="18" height={high(month.thrown)} />
            <text x={i * 28 + 14} y="104">{label(month.month)}</text>
        {/each}
        <line x1="0" x2={months.length * 28} y1={HALF + 0.5} y2={HALF + 0.5} />
    </svg>
    <figcaption>
        <span><i class="in"></i> in</span> <span><i class="used"></i> used</span> <span><i class="thrown"></i> thrown away</span>
        <details>
            <summary>the figures</summary>
            <table>
                <thead
                    ><tr
                        ><th scope="col">month</th><th scope="col">in, {area}</th><th scope="col">used</th><th scope="col">thrown away</th
                        ></tr
                    ></thead
                >
                <tbody>
                    {#each months as month (month.month)}
                        <tr><th scope="row">{month.month}</th><td>{month.in}</td><td>{month.used}</td><td>{month.thrown}</td></tr>
                    {/each}
                </tbody>
            </table>
        </details>
    </figcaption>
</figure>

<style>
    figure {
        margin: 0;
    }

    svg {
        width: 100%;
        max-width: 26rem;
    }

    text {
        fill: var(--ink-soft);
        font-size: 9px;
        text-anchor: middle;
    }

    line {
        stroke: var(--line-strong);
    }

    .in {
        fill: var(--kraft);
        background: var(--kraft);
    }

    .used {
        fill: var(--here);
        background: var(--here);
    }

    .thrown {
        fill: var(--line-strong);
        background: var(--line-strong);
    }

    i {
        display: inline-block;
        width: 0.75rem;
        height: 0.75rem;
        border-radius: 2px;
    }

    figcaption {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    figcaption > span {
        margin-right: 0.75rem;
    }

    summary {
        min-height: var(--least);
        cursor: pointer;
    }

    th,
    td {
        padding: 0 0.75rem 0 0;
        font-weight: 400;
        text-align: right;
    }
</style>
