<script lang="ts">
    import Measure from '@/parts/Measure.svelte'
    import type { Cursor, Held } from '@/ShareOut/grid.svelte'
    import type { Goods } from '@/lib/props'
    import { useKeys } from '@/lib/keys.svelte'
    import { kit } from '@/lib/kit'
    import { afterActs, LOOKING_ON } from '@/lib/send.svelte'
    import { actsAt } from './acts'
    import GridActs from './GridActs.svelte'
    import HowMany from './HowMany.svelte'
    import WaysOut from '@/parts/WaysOut.svelte'
    import { faceOf, saidOf } from './says'

    interface Props {
        cursor: Cursor
        held: Held
        goods: Goods
        isDense: boolean
    }

    /** The contents of the selected cell in words, and everything that can be done there. */
    let { cursor, held, goods, isDense }: Props = $props()

    const row = $derived(cursor.row)
    const card = $derived(cursor.card)
    const good = $derived(row ? goods[row.id] : undefined)
    const short = $derived(row?.shorts.find((one) => !card || one.card === card.id) ?? row?.shorts[0])

    let why = $state('')
    // An answer is valid for its cell and for the table as it was.
    const asked = $derived(`${cursor.at.row}/${cursor.at.card}/${kit.frame.revision}`)
    $effect(() => {
        if (asked) why = ''
    })

    async function ask(): Promise<void> {
        if (!row || !card) return
        const answer = await fetch(`${kit.frame.url}/grid/why?component=${row.id}&card=${card.id}`, {
            headers: { accept: 'application/json', ...LOOKING_ON },
        })
        why = answer.ok ? ((await answer.json()) as { says: string }).says : 'That could not be looked up. Try again.'
    }

    let isAskingMany = $state(false)
    function leaveMany(): void {
        isAskingMany = false
        cursor.focus()
    }
    const acts = $derived(
        actsAt(
            cursor,
            held,
            () => afterActs(() => void ask()),
            () => (isAskingMany = card !== undefined),
        ),
    )
    useKeys(() => [
        ...acts,
        ...(held.thing ? [{ key: 'Escape', shown: 'Esc', says: 'Leave it where it was', run: () => held.leave() }] : []),
    ])
</script>

<footer aria-live="polite" class:isDense>
    {#if isAskingMany && card}
        <HowMany {card} onclose={leaveMany} />
    {:else if row && good}
        <p>
            {#if held.thing}
                <strong>Moving: {goods[held.thing.component]?.name}. Go to a card, or to Keep, and press M.</strong>
            {:else if why}
                <strong>{why}</strong>
            {:else}
                <strong><Measure text={card ? saidOf(row, card, good) : `Keep: ${good.name}`} wraps /></strong>
                <span>{card ? faceOf(row, card, good) : ''} <Measure text={row.balance} wraps /></span>
            {/if}
        </p>
        {#if short}<WaysOut {short} lack={row.short ?? ''} />{/if}
        <GridActs {acts} card={card?.front.number ?? null} name={good.name} />
    {/if}
</footer>

<style>
    footer {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        justify-content: space-between;
        gap: 0.25rem 1rem;
        min-height: 3.75rem;
        padding: 0.375rem 1.25rem;
        border-top: 2px solid var(--ink);
    }

    p {
        flex: 1 1 24rem;
    }

    strong {
        display: block;
        font-size: 1.0625rem;
    }

    span {
        color: var(--ink-soft);
    }

    .isDense {
        min-height: 0;
        padding-block: 0.125rem;
        font-size: 0.75rem;
        line-height: 1.3;
    }

    .isDense strong {
        font-size: var(--body);
    }
</style>
