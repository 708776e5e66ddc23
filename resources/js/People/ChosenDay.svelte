<script lang="ts">
    import { tick } from 'svelte'
    import { Link } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { CardToGive, ChosenDay, ComingDay, Goods } from '@/lib/props'

    interface Props {
        chosen: ChosenDay
        day: ComingDay | undefined
        goods: Goods
    }

    /** One day: the card that is meant for it, or the cards that suit it. */
    let { chosen, day, goods }: Props = $props()

    const path = $derived(`/people/days/${chosen.id}`)
    let list = $state<HTMLElement>()

    let title = $state<HTMLElement>()

    /** The element with the focus is gone after the act, so the focus goes to the cards of the next day, or to its name. */
    const goOn = (): void => void tick().then(() => (list?.querySelector('button') ?? title)?.focus())

    const mean = (card: number): void => {
        if (!sender.isBusy) sender.send(`${path}/card`, { card }, { done: goOn })
    }
    const give = (): void => {
        if (chosen.meant && !day?.isGiven && !sender.isBusy) sender.send(`${path}/given`, {}, { done: goOn })
    }
    const unmean = (): void => sender.send(`${path}/card`, {}, { method: 'delete', done: goOn })

    useKeys(() => [
        ...(chosen.cards.length
            ? [{ key: 'c', shown: 'C', says: 'Go to the cards for it', run: () => list?.querySelector('button')?.focus() }]
            : []),
        ...(chosen.meant && !day?.isGiven ? [{ key: 'g', shown: 'G', says: 'Mark the card as given', run: give }] : []),
    ])
</script>

{#snippet face(card: CardToGive, side: number)}
    <CardFront front={card.front} {goods} {side} />
    <span class="says">
        <b>{card.front.occasion}</b>
        <small>{card.kit}, card {card.number}{card.stands ? `, ${card.stands}` : ''}</small>
        {#if card.why}<small class="why">{card.why}</small>{/if}
        <small>{card.post}</small>
    </span>
{/snippet}

<section aria-labelledby="chosen-title">
    <h2 id="chosen-title" tabindex="-1" bind:this={title}>{chosen.title}</h2>
    {#if chosen.likes}<p class="soft">Likes: {chosen.likes}</p>{/if}
    {#if chosen.meant}
        <div class="meant">
            <div>{@render face(chosen.meant, 260)}</div>
            <p class="acts">
                {#if day?.isGiven}
                    It is given.
                {:else}
                    <Button main key="G" disabled={sender.isBusy} onclick={give}>Mark the card as given</Button>
                    <Button disabled={sender.isBusy} onclick={unmean}>Another card for the day</Button>
                {/if}
                <Link href={chosen.meant.url}>Notes on the card</Link>
            </p>
        </div>
    {:else if chosen.cards.length}
        <p>Which card? Those that suit it best come first.</p>
        <ul bind:this={list}>
            {#each chosen.cards as card (card.id)}
                <li>
                    <button type="button" disabled={sender.isBusy} onclick={() => mean(card.id)}>
                        {@render face(card, 150)}
                    </button>
                </li>
            {/each}
        </ul>
    {:else}
        <p>No card is free. Share out a kit for it, or release one from another day.</p>
    {/if}
</section>

<style>
    section {
        display: grid;
        align-content: start;
        gap: 0.5rem;
    }

    ul {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(10.5rem, 1fr));
        gap: 0.75rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    button {
        display: grid;
        align-content: start;
        justify-items: start;
        gap: 0.25rem;
        width: 100%;
        height: 100%;
        padding: 0.625rem;
        border: 1px solid var(--line);
        border-radius: var(--radius);
        background: var(--sheet);
        color: var(--ink);
        font: inherit;
        text-align: left;
        cursor: pointer;
    }

    button:hover:not(:disabled) {
        border-color: var(--here);
    }

    .says {
        line-height: 1.35;
    }

    small {
        display: block;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .why {
        color: var(--kraft-ink);
        font-weight: 600;
    }

    .meant {
        display: flex;
        flex-wrap: wrap;
        gap: 1.5rem;
    }

    .acts {
        display: grid;
        align-content: start;
        justify-items: start;
        gap: 0.5rem;
    }
</style>
