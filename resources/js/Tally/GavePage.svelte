<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Months from './MonthsOfCards.svelte'
    import { money, month } from '@/lib/format'
    import { useKeys } from '@/lib/keys.svelte'
    import type { GaveLine, GavePage } from '@/lib/props'

    let { kits, months, shelf }: GavePage = $props()

    let isTable = $state(false)
    const most = (of: (kit: GaveLine) => number): number => Math.max(1, ...kits.map(of))
    const mostCards = $derived(most((kit) => Math.max(kit.cards, kit.promised)))
    const mostMinutes = $derived(most((kit) => kit.minutes ?? 0))
    /** Costs are drawn side by side within one currency. */
    const mostOf = $derived(
        Object.fromEntries(
            kits.map(({ each }) => [each?.currency ?? '', most((kit) => (kit.each?.currency === each?.currency ? kit.minor : 0))]),
        ),
    )

    useKeys(() => [{ key: 't', shown: 'T', says: 'Drawn, or as a table', run: () => (isTable = !isTable) }])
</script>

{#snippet bar(value: number, all: number)}
    {#if !isTable}<svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true"
            ><rect width={(100 * value) / all} height="10" /></svg
        >{/if}
{/snippet}

<Frame title="What kits gave" {shelf}>
    {#if kits.length === 0}
        <Empty title="No kit has given a card yet">
            <p>Share a kit out first. Then you can compare kits here: cards, what one cost, how long it took.</p>
            <Button main href="/">Go to the shelf</Button>
        </Empty>
    {:else}
        <div class="place">
            <div class="head">
                <h1>What kits gave</h1>
                <Button key="T" aria-pressed={isTable} onclick={() => (isTable = !isTable)}>As a table</Button>
            </div>
            <section aria-labelledby="months-title">
                <h2 id="months-title">Cards made, by month</h2>
                {#if months.length}<Months {months} {isTable} />{:else}<p class="soft">None is made yet.</p>{/if}
            </section>
            <section aria-labelledby="kits-title">
                <h2 id="kits-title">Kit beside kit</h2>
                <div class="scroll">
                    <table class:isTable>
                        <thead>
                            <tr>
                                <th scope="col">kit</th>
                                <th scope="col">cards <small>made, planned <i aria-hidden="true">|</i> promised</small></th>
                                <th scope="col">a card cost</th>
                                <th scope="col">minutes a card</th>
                                <th scope="col">of its papers used</th>
                            </tr>
                        </thead>
                        <tbody>
                            {#each kits as kit (kit.id)}
                                <tr>
                                    <th scope="row"><Link href={kit.url}>{kit.name}</Link><small>{month(kit.month)}</small></th>
                                    <td>
                                        {#if !isTable}
                                            <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
                                                <rect class="planned" width={(100 * kit.cards) / mostCards} height="10" />
                                                <rect width={(100 * kit.made) / mostCards} height="10" />
                                                {#if kit.promised}
                                                    <rect class="mark" x={(100 * kit.promised) / mostCards - 0.5} width="1" height="10" />
                                                {/if}
                                            </svg>
                                        {/if}
                                        <span>
                                            <b>{kit.cards}</b>{kit.promised ? ` of ${kit.promised}` : ''}{kit.bonus
                                                ? `, ${kit.bonus} bonus`
                                                : ''}{kit.made === kit.cards ? '' : `; ${kit.made} made`}
                                        </span>
                                    </td>
                                    <td>
                                        {@render bar(kit.minor, mostOf[kit.each?.currency ?? ''] ?? 1)}
                                        <b>{kit.each ? money(kit.each) : 'no price'}</b>
                                    </td>
                                    <td>
                                        {@render bar(kit.minutes ?? 0, mostMinutes)}
                                        <b>{kit.minutes === null ? 'not known' : `${kit.minutes} min`}</b>
                                    </td>
                                    <td>{@render bar(kit.papers, 100)}<b>{kit.papers} %</b></td>
                                </tr>
                            {/each}
                        </tbody>
                    </table>
                </div>
            </section>
        </div>
    {/if}
</Frame>

<style>
    .place {
        padding: 1.25rem 1.5rem 3rem;
    }

    .head {
        display: flex;
        align-items: center;
        justify-content: space-between;
        gap: 1rem;
    }

    section {
        margin-top: 1rem;
    }

    h2 {
        margin-bottom: 0.5rem;
        font-size: var(--large);
    }

    .scroll {
        overflow-x: auto;
    }

    table {
        width: 100%;
        min-width: 52rem;
        border-collapse: collapse;
    }

    th,
    td {
        width: 19%;
        padding: 0.5rem 1.5rem 0.5rem 0;
        border-bottom: 1px solid var(--line);
        font-weight: 500;
        text-align: left;
        vertical-align: middle;
    }

    th:first-child {
        width: 22%;
    }

    thead th {
        border-bottom: 1px solid var(--line-strong);
        font-weight: 650;
    }

    small {
        display: block;
        color: var(--ink-soft);
        font-size: var(--small);
        font-weight: 400;
    }

    svg {
        display: block;
        width: 100%;
        height: 0.875rem;
        background: var(--rail);
    }

    rect {
        fill: var(--here);
    }

    .planned {
        fill: var(--kraft);
    }

    .mark {
        fill: var(--ink);
    }

    i {
        font-weight: 700;
    }
</style>
