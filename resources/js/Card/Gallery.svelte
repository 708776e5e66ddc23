<script lang="ts">
    import CardFront from '@/parts/CardFront.svelte'
    import type { ArrangedCard, Goods } from '@/lib/props'

    /** All cards side by side. One of them is selected. */
    let { cards, goods, inHand, onpick }: { cards: ArrangedCard[]; goods: Goods; inHand: number; onpick: (id: number) => void } = $props()

    let list: HTMLElement | undefined = $state()

    $effect(() => {
        if (inHand) list?.querySelector('[aria-current="true"]')?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
    })
</script>

<ol bind:this={list} aria-label="Cards">
    {#each cards as card (card.id)}
        <li>
            <button type="button" aria-current={card.id === inHand ? 'true' : undefined} onclick={() => onpick(card.id)}>
                <CardFront front={card.front} {goods} side={196} />
                <b>{card.number} {card.name}</b>
                <span>{card.says || 'not arranged yet'}</span>
            </button>
        </li>
    {/each}
</ol>

<style>
    ol {
        display: flex;
        gap: 0.5rem;
        margin: 0;
        padding: 0.25rem 0 0.5rem;
        overflow: auto hidden;
        list-style: none;
    }

    li {
        flex: none;
    }

    button {
        display: grid;
        justify-items: center;
        align-content: start;
        width: 12.5rem;
        height: 100%;
        padding: 0.5rem;
        border: 1px solid transparent;
        border-radius: var(--radius);
        background: none;
        color: var(--ink);
        cursor: pointer;
    }

    button[aria-current] {
        border-color: var(--here);
        background: var(--here-soft);
    }

    b {
        margin-top: 0.5rem;
        text-align: center;
        line-height: 1.25;
    }

    span {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    @media (width < 760px) {
        button {
            width: 12rem;
        }
    }
</style>
