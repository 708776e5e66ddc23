<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import Measure from '@/parts/Measure.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { BonusFound, Goods } from '@/lib/props'

    interface Props {
        bonus: BonusFound
        goods: Goods
        orders: Record<string, string>
        onadd: (numbers: number[]) => void
        onorder: (order: string) => void
    }

    /** The cards that are still possible from what is left, and what stops the next. */
    let { bonus, goods, orders, onadd, onorder }: Props = $props()

    const cards = $derived(bonus.cards)
    /** Those that are to be added together. None means all. */
    let marked = $state<number[]>([])
    const chosen = $derived(cards.map(({ number }) => number).filter((number) => marked.length === 0 || marked.includes(number)))
    const mark = (number: number): void => {
        marked = marked.includes(number) ? marked.filter((one) => one !== number) : [...marked, number]
    }
    const many = $derived(
        cards.length === 0 ? 'No bonus card in what is left' : cards.length === 1 ? 'One bonus card' : `${cards.length} bonus cards`,
    )
</script>

<section aria-labelledby="bonus-title">
    {#if bonus.isLooking}
        <h2 id="bonus-title">Looking for bonus cards…</h2>
        <p role="status">{bonus.soFar ? `${bonus.soFar} found so far.` : 'Trying what is left against every sketch.'}</p>
        <Button onclick={() => sender.send('keep/stop')}>Stop and keep what there is</Button>
    {:else}
        <header>
            <h2 id="bonus-title">{many}</h2>
            {#if cards.length > 1}
                <label>
                    <span class="sr-only">In what order</span>
                    <select value={bonus.order} onchange={(event) => onorder(event.currentTarget.value)}>
                        {#each Object.entries(orders) as [key, label] (key)}<option value={key}>{label}</option>{/each}
                    </select>
                </label>
                <Button
                    key={marked.length ? undefined : 'Shift A'}
                    disabled={sender.isBusy || chosen.length === 0}
                    onclick={() => onadd(chosen)}>{marked.length ? `Add these ${chosen.length}` : 'Add all'}</Button
                >
            {/if}
        </header>
        <ul class="cards">
            {#each cards as card, i (card.number)}
                <li>
                    <div><CardFront front={card.front} {goods} side={112} /></div>
                    <b>{card.number} {card.front.occasion}</b>
                    <small>{card.scrap ?? ''}</small>
                    <Button
                        main={i === 0}
                        key={i === 0 ? 'A' : undefined}
                        disabled={sender.isBusy}
                        also="card {card.number}"
                        onclick={() => onadd([card.number])}>Add</Button
                    >
                    {#if cards.length > 1}
                        <label>
                            <input type="checkbox" checked={marked.includes(card.number)} onchange={() => mark(card.number)} />
                            with others<span class="sr-only">, card {card.number}</span>
                        </label>
                    {/if}
                    <details>
                        <summary>what it takes</summary>
                        <p>
                            {card.front.sketch}: {#each card.uses as use, j (j)}{j ? ', ' : ''}<Measure text={use} wraps />{/each}
                        </p>
                    </details>
                </li>
            {/each}
            {#if bonus.stop}
                <li class="stop">
                    <p>
                        {cards.length ? 'The one after needs' : 'The next needs'} <b>{bonus.stop.wants}</b>. {bonus.stop.outlook}
                    </p>
                    <p class="soft">{bonus.stop.bound}</p>
                    <Link href="{kit.frame.url}/keep/shopping">The shopping list</Link>
                </li>
            {/if}
        </ul>
    {/if}
</section>

<style>
    section {
        min-width: 0;
    }

    header {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.25rem 0.875rem;
        margin-bottom: 0.375rem;
    }

    h2 {
        font-size: var(--large);
    }

    select {
        min-height: var(--target);
    }

    .cards {
        position: relative;
        display: flex;
        align-items: start;
        gap: 1rem;
        margin: 0;
        padding: 0 0 0.5rem;
        overflow-x: auto;
        list-style: none;
    }

    li {
        display: grid;
        flex: none;
        grid-template-columns: 7.25rem 9rem;
        align-content: start;
        justify-items: start;
        gap: 0.125rem 0.625rem;
        font-size: var(--small);
        line-height: 1.3;
    }

    li > div {
        grid-row: 1 / span 5;
    }

    li > label {
        display: flex;
        align-items: center;
        gap: 0.375rem;
        min-height: var(--least);
    }

    input {
        width: 1.125rem;
        height: 1.125rem;
        accent-color: var(--here);
    }

    .stop {
        grid-template-columns: 19rem;
        gap: 0.375rem;
    }

    small,
    summary {
        color: var(--ink-soft);
    }

    summary {
        min-height: var(--least);
        cursor: pointer;
    }
</style>
