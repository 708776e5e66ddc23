<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Files from '@/parts/Files.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Price from './Price.svelte'
    import { kit } from '@/lib/kit'
    import { count, money } from '@/lib/format'
    import { poll } from '@/lib/poll.svelte'
    import type { KeepShoppingPage } from '@/lib/props'

    let { hasCards, isLooking, bonus, currency, lists }: KeepShoppingPage = $props()

    poll('isLooking', () => isLooking)
</script>

<Frame title="Shopping list">
    {#if !hasCards}
        <Empty title="Nothing to buy yet">
            <p>Share the kit out first. Then this page lists what to buy for the next card, as shops sell it.</p>
            <Button main href="{kit.frame.url}/share-out">Go to Share out</Button>
        </Empty>
    {:else}
        <div class="page">
            <h1>What to buy</h1>
            {#if isLooking}
                <p role="status">Looking for what stops the next card…</p>
            {:else if bonus > 0}
                <p>
                    This list comes after the {bonus === 1 ? 'bonus card' : `${bonus} bonus cards`} that you can make without buying anything.
                </p>
            {/if}
            <p class="files"><Files at="shopping" of={kit.frame.url} /></p>
            <div class="lists">
                {#each lists as list (list.key)}
                    <section aria-labelledby="list-{list.key}">
                        <h2 id="list-{list.key}">{list.title}</h2>
                        {#if list.lines.length === 0}
                            <p>Nothing: it is all there.</p>
                        {:else}
                            <ul>
                                {#each list.lines as line (line.says + line.lacks)}
                                    <li>
                                        <span>
                                            <b>{line.says}</b>
                                            <small>{line.lacks}{line.or ? `; or ${line.or}` : ''}</small>
                                        </span>
                                        {#if line.component}
                                            <Price component={line.component} says={line.says} price={line.price} {currency} />
                                        {/if}
                                        <b class="cost">{line.cost ? money(line.cost) : ''}</b>
                                    </li>
                                {/each}
                            </ul>
                            {#if list.sum}
                                <p class="sum">
                                    Together <b>{money(list.sum)}</b>{list.unpriced
                                        ? `, and ${count(list.unpriced, 'thing')} without a price`
                                        : ''}
                                </p>
                            {/if}
                        {/if}
                    </section>
                {/each}
            </div>
        </div>
    {/if}
</Frame>

<style>
    .page {
        max-width: 84rem;
        height: 100%;
        padding: 1.25rem 1.5rem 3rem;
        overflow: auto;
    }

    .files {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
        margin: 0.25rem 0 1rem;
    }

    .lists {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(30rem, 100%), 1fr));
        gap: 1.5rem 2.5rem;
        align-items: start;
    }

    h2 {
        padding-bottom: 0.25rem;
        border-bottom: 2px solid var(--ink);
        font-size: var(--large);
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        grid-template-columns: 1fr auto 5rem;
        align-items: center;
        gap: 0.25rem 1rem;
        padding: 0.5rem 0;
        border-bottom: 1px solid var(--line);
    }

    small {
        display: block;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .cost,
    .sum {
        text-align: right;
    }

    .sum {
        margin-top: 0.5rem;
    }
</style>
