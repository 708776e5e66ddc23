<script lang="ts">
    import type { Stock } from '@/lib/props'

    /** The cards that are ready for each occasion beside what the days need, drawn as cards. Low ones say so. */
    let { stock, months }: { stock: Stock[]; months: number } = $props()

    const most = $derived(Math.max(1, ...stock.map(({ inHand, needed }) => Math.max(inHand, needed))))
</script>

<section aria-labelledby="stock-title">
    <h2 id="stock-title">In hand</h2>
    <table>
        <thead class="sr-only"><tr><th>occasion</th><th>in hand and asked for, drawn</th><th>in hand</th><th>asked for</th></tr></thead>
        <tbody>
            {#each stock as one (one.label)}
                <tr class:low={one.isLow}>
                    <th scope="row">{one.label}</th>
                    <td class="drawn">
                        <svg viewBox="0 0 {most * 10} 12" width={Math.min(160, most * 14)} height="16" aria-hidden="true">
                            {#each Array.from({ length: Math.max(one.inHand, one.needed) }, (_, i) => i) as i (i)}
                                <rect x={i * 10 + 1} y="1" width="7" height="10" class={i < one.inHand ? 'has' : 'lacks'} />
                            {/each}
                        </svg>
                    </td>
                    <td><b>{one.inHand}</b></td>
                    <td>{one.needed ? `of ${one.needed} asked for` : ''}{one.isLow ? ', low' : ''}</td>
                </tr>
            {/each}
        </tbody>
    </table>
    <p class="soft">
        Cards that are made and free, beside the days of the next {months === 1 ? 'month' : `${months} months`} without a card.
        <a href="/people/occasions">Change the occasions</a>
    </p>
</section>

<style>
    table {
        width: 100%;
        border-collapse: collapse;
    }

    th,
    td {
        padding: 0.125rem 0.5rem 0.125rem 0;
        font-weight: 500;
        text-align: left;
        white-space: nowrap;
    }

    .low {
        background: var(--kraft-soft);
    }

    .drawn {
        width: 10rem;
    }

    svg {
        display: block;
    }

    /* The numbers say the same. */
    @media (width < 30rem) {
        .drawn {
            display: none;
        }
    }

    .has {
        fill: var(--kraft);
        stroke: var(--kraft-ink);
    }

    .lacks {
        fill: none;
        stroke: var(--ink-soft);
        stroke-dasharray: 2 1.5;
    }
</style>
