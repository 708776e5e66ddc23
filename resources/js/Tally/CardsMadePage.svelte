<script lang="ts">
    import { untrack } from 'svelte'
    import { Link } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import Empty from '@/parts/Empty.svelte'
    import FindLine from '@/parts/FindLine.svelte'
    import Frame from '@/parts/Frame.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { count } from '@/lib/format'
    import { useKeys } from '@/lib/keys.svelte'
    import { look } from '@/lib/send.svelte'
    import type { CardsMadePage } from '@/lib/props'

    let props: CardsMadePage = $props()
    const { cards, goods, inHand } = $derived(props)

    let text = $state(untrack(() => props.find))

    const ask = (page: number): void =>
        look('/cards', { find: text, page: String(page) }, ['find', 'cards', 'found', 'page', 'pages', 'goods'])

    useKeys(() => [
        { key: '.', says: 'Next page', run: () => props.page < props.pages && ask(props.page + 1) },
        { key: ',', says: 'Page before', run: () => props.page > 1 && ask(props.page - 1) },
    ])
</script>

<Frame title="Cards made" shelf={props.shelf}>
    <SurfaceDefs {goods} />
    {#if props.all === 0}
        <Empty title="No card is made yet">
            <p>When the last step of a card is done on Make, it comes here. You see its front or a photograph, and who has it.</p>
            <Button main href="/">Go to the shelf</Button>
        </Empty>
    {:else}
        <div class="place">
            <h1>{count(props.all, 'card')} made</h1>
            {#if inHand.length}
                <p class="soft">
                    In hand: {#each inHand as one, i (one.label)}{i ? ', ' : ''}{one.cards} {one.label}{/each}.
                </p>
            {/if}
            <FindLine bind:text label="Find cards" placeholder="birthday sea 2026" onfind={() => ask(1)} />
            <p role="status">
                {props.found === props.all
                    ? 'All of them, the latest first. Ask by occasion, fold, kit, paper, year, “from stash”, “in-hand” or who has it.'
                    : props.found === 0
                      ? 'No card matches all of these words. Use fewer.'
                      : `${count(props.found, 'card')} found.`}
            </p>
            <ul>
                {#each cards as card (card.id)}
                    <li>
                        <Link href={card.url}>
                            <span class="sr-only">Card {card.front.number} of {card.kit}</span>
                            {#if card.photo}
                                <img src={card.photo} alt="" />
                            {:else}
                                <CardFront front={card.front} {goods} side={170} />
                            {/if}
                        </Link>
                        <b>{card.front.occasion}</b>
                        <small>{card.kit}, card {card.front.number}, {card.made}</small>
                        {#if card.stars}<small aria-label="{card.stars} of 5 stars">{'★'.repeat(card.stars)}</small>{/if}
                        {#if card.given}<small>{card.given}</small>{/if}
                    </li>
                {/each}
            </ul>
            {#if props.pages > 1}
                <p class="pages">
                    <Button disabled={props.page <= 1} key="," onclick={() => ask(props.page - 1)}>Before</Button>
                    page {props.page} of {props.pages}
                    <Button disabled={props.page >= props.pages} key="." onclick={() => ask(props.page + 1)}>Next</Button>
                </p>
            {/if}
        </div>
    {/if}
</Frame>

<style>
    .place {
        padding: 1.25rem 1.5rem 3rem;
    }

    ul {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(11.5rem, 1fr));
        gap: 1.5rem 1.25rem;
        margin: 1rem 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        align-content: start;
        justify-items: start;
        font-size: var(--small);
        line-height: 1.35;
    }

    img {
        max-width: 100%;
        max-height: 11rem;
        box-shadow: var(--shadow);
    }

    small {
        color: var(--ink-soft);
    }

    .pages {
        display: flex;
        align-items: center;
        gap: 0.75rem;
    }
</style>
