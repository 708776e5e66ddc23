<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import { kit } from '@/lib/kit'
    import { money } from '@/lib/format'
    import type { TallyPage } from '@/lib/props'

    let { cards, promised, bonus, price, each, eachPromised, occasions, groups, stash, envelopes, goods }: TallyPage = $props()

    const frame = $derived(kit.frame)
</script>

<Frame title="Tally">
    {#if cards === 0}
        <Empty title="No cards to count yet">
            <p>
                When cards are shared out, this is where you see what the kit gave: cards, how much of everything was used, and what a card
                cost.
            </p>
            <Button main onclick={() => router.visit(`${frame.url}/share-out`)}>Go to Share out</Button>
        </Empty>
    {:else}
        <div class="place">
            <h1 class="sr-only">Tally of {frame.name}</h1>
            <dl class="figures">
                <div>
                    <dt>cards</dt>
                    <dd>{cards}</dd>
                    <dd class="soft">
                        {promised ? `${promised} promised` : 'none promised'}{bonus ? `, ${bonus} of them bonus cards` : ''}
                    </dd>
                </div>
                <div>
                    <dt>a card</dt>
                    {#if each && price}
                        <dd>{money(each)}</dd>
                        <dd class="soft">{money(price)} for the kit{eachPromised ? `; ${money(eachPromised)} a card as promised` : ''}</dd>
                    {:else}
                        <dd>–</dd>
                        <dd class="soft">The kit has no price.</dd>
                    {/if}
                </div>
                <div class="occasions">
                    <dt>for</dt>
                    {#each occasions as occasion (occasion.label)}<dd class="occasion"><b>{occasion.cards}</b> {occasion.label}</dd>{/each}
                </div>
                <div>
                    <dt>from the stash</dt>
                    {#each stash as line (line)}<dd class="line">{line}</dd>{:else}<dd class="line">Nothing: the kit alone.</dd>{/each}
                </div>
                {#if envelopes.length}
                    <div>
                        <dt>envelopes to buy</dt>
                        {#each envelopes as line (line)}<dd class="line">{line}</dd>{/each}
                    </div>
                {/if}
            </dl>
            <h2>How much of each is used</h2>
            <div class="groups">
                {#each groups as group (group.title)}
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
        </div>
    {/if}
</Frame>

<style>
    .place {
        padding: 1.5rem 1.5rem 3rem;
    }

    .figures {
        display: flex;
        flex-wrap: wrap;
        gap: 1rem 3.5rem;
        margin: 0 0 2rem;
        padding-bottom: 1.5rem;
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

    dd.soft,
    .occasion,
    .line {
        font-size: var(--body);
        font-weight: 400;
        line-height: 1.5;
    }

    .occasions {
        display: grid;
        grid-template-rows: auto repeat(4, auto);
        grid-auto-flow: column;
        column-gap: 1.5rem;
    }

    .occasions dt {
        grid-column: 1 / -1;
    }

    h2 {
        margin-bottom: var(--gap);
    }

    .groups {
        columns: 2;
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
</style>
