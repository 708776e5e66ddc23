<script lang="ts">
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import ChosenDay from './ChosenDay.svelte'
    import ComingList from './ComingList.svelte'
    import DayFiles from './DayFiles.svelte'
    import PeopleList from './PeopleList.svelte'
    import Post from './Post.svelte'
    import Stock from './Stock.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { look, sender } from '@/lib/send.svelte'
    import type { PeoplePage } from '@/lib/props'

    let props: PeoplePage = $props()
    const { coming, chosen, people } = $derived(props)

    let kit = $state(untrack(() => props.kits[0]?.key ?? ''))
    const at = $derived(coming.findIndex(({ id }) => id === chosen?.id))

    const show = (months: number, day: number | undefined): void =>
        look('/people', { months: String(months), day: String(day ?? '') }, [
            'months',
            'coming',
            'chosen',
            'needs',
            'toMake',
            'stock',
            'goods',
        ])
    const choose = (day: number | undefined): void => {
        if (day !== undefined) show(props.months, day)
    }

    useKeys(() => [
        { key: '.', says: 'Next day', run: () => choose(coming[at + 1]?.id) },
        { key: ',', says: 'Day before', run: () => choose(coming[at - 1]?.id) },
    ])
</script>

<Frame title="Who gets which" shelf={props.shelf}>
    <SurfaceDefs goods={props.goods} />
    {#if people.length === 0 && !props.read}
        <Empty title="Nobody yet">
            <p>
                Write down who gets cards and when, or read an address book or a calendar. Then choose a card for each day here, and see
                when to send it.
            </p>
        </Empty>
    {:else}
        <div class="days">
            <section aria-labelledby="coming-title">
                <h1 id="coming-title">Who gets which</h1>
                <label class="months">
                    The days of the next
                    <select
                        value={String(props.months)}
                        aria-label="How far ahead"
                        onchange={(event) => show(Number(event.currentTarget.value), chosen?.id)}
                    >
                        {#each [1, 3, 6, 12] as n (n)}<option value={String(n)}>{n === 1 ? 'month' : `${n} months`}</option>{/each}
                    </select>
                </label>
                {#if coming.length === 0}
                    <p class="soft">No day comes in that time.</p>
                {:else if props.needs}
                    <p>Without a card: <b>{props.needs}</b>.</p>
                {:else}
                    <p>Every day has its card.</p>
                {/if}
                {#if props.needs && props.months === 3 && props.kits.length}
                    <p>
                        {props.toMake ? `Still to be made: ${props.toMake}.` : 'There are cards that would do. Choose one for each day.'}
                    </p>
                    <p class="ask">
                        <select bind:value={kit} aria-label="Kit to make them from">
                            {#each props.kits as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
                        </select>
                        <Button onclick={() => sender.send('/people/ask', { kit }, { keeps: 'errors' })}
                            >Ask for them in its share-out</Button
                        >
                    </p>
                {/if}
                <ComingList {coming} chosen={chosen?.id ?? null} onchoose={choose} />
            </section>
            {#if chosen}<ChosenDay {chosen} goods={props.goods} day={coming[at]} />{/if}
        </div>
    {/if}
    <div class="more">
        <PeopleList {people} occasions={props.occasions} postDays={props.postDays} />
        <div class="side">
            <DayFiles read={props.read} />
            <Post days={props.postDays} limits={props.limits} />
            <Stock stock={props.stock} months={props.months} />
        </div>
    </div>
</Frame>

<style>
    .days {
        display: grid;
        grid-template-columns: minmax(0, 26rem) minmax(0, 1fr);
        gap: 2.5rem;
        padding: 1.25rem 1.5rem 1.5rem;
    }

    section {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        align-content: start;
        gap: 0.5rem;
    }

    .months,
    .ask {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
    }

    .more {
        display: grid;
        grid-template-columns: minmax(0, 3fr) minmax(18rem, 2fr);
        gap: 2.5rem;
        padding: 1.25rem 1.5rem 3rem;
        border-top: 2px solid var(--ink);
    }

    .side {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        align-content: start;
        gap: 1.75rem;
    }

    @media (width < 900px) {
        .days,
        .more {
            grid-template-columns: minmax(0, 1fr);
            padding-inline: 1rem;
        }
    }
</style>
