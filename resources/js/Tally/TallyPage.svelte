<script lang="ts">
    import { Link, router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import Occasions from './Occasions.svelte'
    import StashLine from './StashLine.svelte'
    import { kit } from '@/lib/kit'
    import { money } from '@/lib/format'
    import type { TallyPage } from '@/lib/props'

    let props: TallyPage = $props()
    const { cards, made, promised, bonus, price, each, eachPromised, stash, stashCost, goods } = $derived(props)

    const frame = $derived(kit.frame)
</script>

<Frame title="Tally">
    {#if cards === 0}
        <Empty title="No cards to count yet">
            <p>Share the kit out first. Then this page shows what the kit gave: the cards, how much was used, and what a card cost.</p>
            <Button main onclick={() => router.visit(`${frame.url}/share-out`)}>Go to Share out</Button>
        </Empty>
    {:else}
        <div class="place">
            <h1 class="sr-only">Tally of {frame.name}</h1>
            <div class="figures">
                <dl>
                    <div>
                        <dt>cards</dt>
                        <dd>{cards}</dd>
                        <dd class="soft">
                            {promised ? `${promised} promised` : 'none promised'}{bonus ? `, ${bonus} of them bonus cards` : ''}{made ===
                            cards
                                ? ', all made'
                                : `; ${made} made so far`}
                        </dd>
                    </div>
                    <div>
                        <dt>a card</dt>
                        {#if each && price}
                            <dd>{money(each)}</dd>
                            <dd class="soft">
                                {money(price)} for the kit{stashCost ? `, ${money(stashCost)} from the stash` : ''}{eachPromised
                                    ? `; ${money(eachPromised)} a card as promised`
                                    : ''}
                            </dd>
                        {:else}
                            <dd>–</dd>
                            <dd class="soft">The kit has no price.</dd>
                        {/if}
                    </div>
                    <div>
                        <dt>minutes a card</dt>
                        <dd>{props.minutes ?? '–'}</dd>
                        <dd class="soft">
                            {props.minutes === null ? 'Write it with each card, or time it on Make.' : 'of those that are made'}
                        </dd>
                    </div>
                </dl>
                <div class="for"><Occasions occasions={props.occasions} /></div>
            </div>
            <ul class="said">
                <li>{props.ranOut ? `Ran out first: ${props.ranOut}.` : 'Nothing has run out.'}</li>
                {#if props.even}<li>{props.even}</li>{/if}
                {#if props.envelopes.length}<li>Envelopes to buy: {props.envelopes.join(', ')}.</li>{/if}
                <li><Link href="/gave">Beside other kits</Link></li>
            </ul>
            <h2>How much of each is used</h2>
            <div class="groups">
                {#each props.groups as group (group.title)}
                    <table>
                        <caption>{group.title}</caption>
                        <thead class="sr-only"><tr><th>component</th><th>share used</th><th>in numbers</th></tr></thead>
                        <tbody>
                            {#each group.lines as line (line.id)}
                                <tr>
                                    <th scope="row">{goods[line.id]?.name}</th>
                                    <td class="bar"
                                        ><span class="track" aria-hidden="true"><span style:width="{line.percent}%"></span></span>
                                        <b>{line.percent} %</b></td
                                    >
                                    <td class="soft"><Measure text={line.said} /></td>
                                </tr>
                            {/each}
                        </tbody>
                    </table>
                {/each}
            </div>
            <h2>From the stash</h2>
            {#if stash.length}
                <table class="stash">
                    <thead class="sr-only"><tr><th>thing</th><th>taken</th><th>its price</th><th>cost</th></tr></thead>
                    <tbody>
                        {#each stash as line (line.id)}<StashLine {line} currency={props.currency} />{/each}
                    </tbody>
                </table>
                {#if props.currency === null}
                    <p class="soft">
                        {price
                            ? 'The stash is priced in another currency than the kit: it is not added.'
                            : 'Give the kit a price on its About page to add what the stash cost.'}
                    </p>
                {/if}
            {:else}
                <p>Nothing: the kit alone.</p>
            {/if}
        </div>
    {/if}
</Frame>

<style>
    .place {
        padding: 1.5rem 1.5rem 3rem;
    }

    .figures,
    dl {
        display: flex;
        flex-wrap: wrap;
        gap: 1rem 3.5rem;
        margin: 0;
    }

    .figures {
        margin-bottom: 1rem;
        padding-bottom: 1.25rem;
        border-bottom: 2px solid var(--ink);
    }

    dt {
        color: var(--ink-soft);
        font-weight: 600;
    }

    dd {
        margin: 0;
        font-size: 3.25rem;
        font-weight: 700;
        line-height: 1.1;
    }

    dd.soft {
        max-width: 16rem;
        font-size: var(--body);
        font-weight: 400;
        line-height: 1.5;
    }

    .said {
        display: flex;
        flex-wrap: wrap;
        gap: 0.25rem 2.5rem;
        margin: 0 0 1.5rem;
        padding: 0;
        list-style: none;
    }

    .stash {
        width: auto;
        min-width: min(36rem, 100%);
    }

    h2 {
        margin-bottom: var(--gap);
    }

    .groups {
        columns: 2 26rem;
        column-gap: 3rem;
    }

    table {
        width: 100%;
        margin-bottom: 1.5rem;
        border-collapse: collapse;
        break-inside: avoid;
    }

    caption {
        padding-bottom: 0.25rem;
        border-bottom: 1px solid var(--line-strong);
        font-weight: 650;
        text-align: left;
    }

    tbody th,
    td {
        padding: 0.25rem 0.5rem 0.25rem 0;
        border-bottom: 1px solid var(--line);
        font-weight: 500;
        text-align: left;
    }

    .bar {
        width: 10rem;
        white-space: nowrap;
    }

    .bar b {
        display: inline-block;
        width: 3.25rem;
        text-align: right;
    }

    .track {
        display: inline-block;
        width: 5.5rem;
        height: 0.75rem;
        border-radius: 2px;
        background: var(--kraft-soft);
        box-shadow: inset 0 0 0 1px var(--kraft);
        vertical-align: middle;
    }

    .track span {
        display: block;
        height: 100%;
        border-radius: 2px;
        background: var(--here);
    }

    td:last-child {
        width: 11rem;
        text-align: right;
    }

    @media (width < 48rem) {
        .track {
            width: 3rem;
        }

        .bar,
        td:last-child {
            width: auto;
        }
    }
</style>
