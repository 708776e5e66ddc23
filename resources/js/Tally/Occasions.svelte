<script lang="ts">
    /** The cards of a kit by occasion, each drawn as a small card, with numbers beside them. */
    let { occasions }: { occasions: { label: string; cards: number }[] } = $props()

    const most = $derived(Math.max(1, ...occasions.map(({ cards }) => cards)))
    const each = $derived(most > 24 ? 24 / most : 1)
</script>

<table>
    <caption>For</caption>
    <thead class="sr-only"><tr><th>occasion</th><th>cards, drawn</th><th>cards</th></tr></thead>
    <tbody>
        {#each occasions as one (one.label)}
            <tr>
                <th scope="row">{one.label}</th>
                <td class="drawn">
                    <svg viewBox="0 0 {Math.min(24, most) * 9} 14" width={Math.min(24, most) * 13} height="20" aria-hidden="true">
                        {#each Array.from({ length: one.cards }, (_, i) => i) as i (i)}
                            <rect x={i * 9 * each + 1} y="1.5" width={7 * each} height="11" rx="0.5" />
                        {/each}
                    </svg>
                </td>
                <td><b>{one.cards}</b></td>
            </tr>
        {/each}
    </tbody>
</table>

<style>
    table {
        border-collapse: collapse;
    }

    caption {
        color: var(--ink-soft);
        font-weight: 600;
        text-align: left;
    }

    th,
    td {
        padding: 0 0.75rem 0 0;
        font-weight: 500;
        text-align: left;
        white-space: nowrap;
    }

    rect {
        fill: var(--kraft);
        stroke: var(--kraft-ink);
        stroke-width: 0.7;
    }

    svg {
        display: block;
    }
</style>
