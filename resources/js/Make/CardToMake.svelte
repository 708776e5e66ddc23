<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import { count } from '@/lib/format'
    import { kit } from '@/lib/kit'
    import type { MakePage } from '@/lib/props'

    interface Props {
        card: MakePage['cards'][number]
        goods: MakePage['goods']
        isPicked: boolean
        /** The last chosen card stays chosen. */
        isOnly: boolean
        pick: (isPicked: boolean) => void
        make: () => void
    }

    let { card, goods, isPicked, isOnly, pick, make }: Props = $props()

    const state = $derived.by(() => {
        if (card.isMade) return '✓ made'
        const all = count(card.all, 'step')
        return card.done ? `being made: ${card.done} of ${all}` : `not begun, ${all}`
    })
</script>

<li>
    <CardFront front={card.front} {goods} side={92} />
    <div>
        <label>
            <input
                type="checkbox"
                checked={isPicked}
                disabled={card.isMade || isOnly}
                onchange={(event) => pick(event.currentTarget.checked)}
            />
            <b>Card {card.front.number}, {card.front.occasion}</b>
        </label>
        <span class="bar" style:--done={card.done / Math.max(1, card.all)}></span>
        <span class="soft">
            {state}{card.isCut ? '' : '; pieces still to be cut'}{card.extra
                ? `; ${count(card.extra, 'step')} done that it no longer needs`
                : ''}
        </span>
        <span class="links">
            {#if !card.isMade}<Button onclick={make}>Make card {card.front.number}</Button>{/if}
            <a href="{kit.frame.url}/make/cards/{card.id}">drawn apart</a>
        </span>
    </div>
</li>

<style>
    li {
        display: grid;
        grid-template-columns: 96px minmax(0, 1fr);
        gap: var(--gap);
        align-items: center;
    }

    div {
        display: grid;
        gap: 0.25rem;
    }

    .soft {
        color: var(--ink-soft);
    }

    .bar {
        height: 6px;
        border-radius: 3px;
        background: linear-gradient(to right, var(--good) calc(100% * var(--done)), var(--line) calc(100% * var(--done)));
    }

    .links {
        display: flex;
        flex-wrap: wrap;
        gap: 0.75rem;
        align-items: center;
    }
</style>
