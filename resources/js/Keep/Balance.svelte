<script lang="ts">
    import type { BalanceBar } from '@/lib/props'

    /** For how many more cards each thing would be enough by itself, to show what is out of balance. */
    let { bars }: { bars: BalanceBar[] } = $props()

    /** Above this number a bar has its full length, since the short ones matter. */
    const LONGEST = 20
    const least = $derived(Math.min(...bars.map(({ cards }) => cards ?? Infinity)))
</script>

<section aria-labelledby="balance">
    <h2 id="balance">Enough left, in cards</h2>
    <dl>
        {#each bars as { what, cards } (what)}
            <dt>{what} for</dt>
            <dd>
                <i class:isLeast={cards === least} style:width="{Math.min(100, ((cards ?? LONGEST) / LONGEST) * 100)}%"></i>
                <b>{cards ?? 'no end'}</b>
            </dd>
        {/each}
    </dl>
</section>

<style>
    h2 {
        margin-bottom: 0.25rem;
        font-size: var(--body);
    }

    dl {
        display: grid;
        grid-template-columns: max-content 1fr;
        gap: 0.125rem 0.625rem;
        margin: 0;
        font-size: var(--small);
        line-height: 1.3;
    }

    dt {
        color: var(--ink-soft);
        text-align: right;
    }

    dd {
        display: flex;
        align-items: center;
        gap: 0.375rem;
        margin: 0;
    }

    i {
        display: block;
        max-width: calc(100% - 3rem);
        height: 0.75rem;
        border-radius: 2px;
        background: var(--kraft);
        outline: 1px solid transparent;
    }

    b {
        white-space: nowrap;
    }

    .isLeast {
        background: var(--here);
    }
</style>
