<script lang="ts">
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import ShareGrid from '@/ShareOut/grid/ShareGrid.svelte'
    import Frontier from './Frontier.svelte'
    import Solving from './Solving.svelte'
    import TextButton from '@/parts/TextButton.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import Wishes from './Wishes.svelte'
    import { kept } from '@/lib/kept'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { count } from '@/lib/format'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { ShareOutPage } from '@/lib/props'

    let { cards, groups, goods, outlook, wishes, solve, frontier, taste, gaps, asides, proposal }: ShareOutPage = $props()

    const errors = $derived(kit.errors)

    // What is typed stays, even after a refusal.
    let wanted = $state(untrack(() => String(wishes.cards)))
    // A tick survives reloading, until the page is closed.
    let keep = $state(untrack(() => sessionStorage.getItem('keep') === 'yes'))
    $effect(() => sessionStorage.setItem('keep', keep ? 'yes' : 'no'))
    let field: HTMLInputElement | undefined = $state()

    function shareOut(event?: SubmitEvent): void {
        event?.preventDefault()
        // The keys of the grid go on from here. After a refusal the focus stays in the number.
        field?.blur()
        const asks = () => ({ cards: wanted, stash: wishes.stash, words: wishes.words, keep })
        sender.send('share-out', asks, { refused: (faults) => faults['cards'] && field?.focus() })
    }

    function shareOutAll(): void {
        wanted = 'max'
        shareOut()
    }

    poll('outlook', () => outlook.isLooking && !solve?.isUnderWay)

    // Many rows at once, for makers who want to see the whole kit. The choice is remembered.
    let isDense = $state(untrack(() => kept.get('dense') === 'yes'))
    function turnDense(): void {
        isDense = !isDense
        kept.put('dense', isDense ? 'yes' : 'no')
    }

    // As many as possible is answered with how many there are of each sort.
    const hasSorts = $derived(solve !== null && solve.isMost && !solve.isUnderWay && !isDense)

    // The wishes are beside the grid, open or closed as they were left. A refusal opens them.
    let isWishing = $state(untrack(() => kept.get('wishing') === 'yes'))
    function turnWishing(): void {
        isWishing = !isWishing
        kept.put('wishing', isWishing ? 'yes' : 'no')
    }
    const isRefused = $derived(Object.keys(errors).some((field) => field !== 'cards' && field !== 'table'))
    $effect(() => {
        if (isRefused) isWishing = true
    })

    useKeys(() => [
        // There is no grid beside a proposal, which must be accepted or rejected first.
        ...(proposal
            ? []
            : [
                  { key: 'w', shown: 'W', says: 'Wishes for new cards, beside the grid', run: turnWishing },
                  { key: 'v', shown: 'V', says: 'Thirty rows at once, or large ones', run: turnDense },
              ]),
        { key: 's', shown: 'S', says: 'Share out', run: () => shareOut() },
        { key: 'S', shown: 'Shift S', says: 'Share out as many cards as possible', run: shareOutAll },
        { key: 'n', shown: 'N', says: 'Say how many cards', run: () => field?.select() },
    ])
</script>

{#snippet asking()}
    <form onsubmit={shareOut} novalidate>
        <label for="cards">Cards</label>
        <input
            id="cards"
            bind:this={field}
            bind:value={wanted}
            list="cards-choices"
            inputmode="numeric"
            size="3"
            autocomplete="off"
            aria-invalid={!!errors['cards']}
            aria-describedby={errors['cards'] ? 'cards-fault' : undefined}
        />
        <datalist id="cards-choices">
            <option value={String(outlook.promised)}>as promised</option>
            <option value="max">as many as possible</option>
        </datalist>
        {#if cards.length}<label class="tick" title="Cards that lack nothing stay as they are; pinned and begun ones stay anyway"
                ><input type="checkbox" bind:checked={keep} /> only add to these</label
            >{/if}
        <Button main key="S" type="submit" disabled={solve?.isUnderWay}>{cards.length ? 'Share out again' : 'Share out'}</Button>
        <Button key="Shift S" type="button" disabled={solve?.isUnderWay} onclick={shareOutAll}>As many as possible</Button>
        {#if cards.length}
            <Button key="W" type="button" aria-expanded={isWishing} onclick={turnWishing}>Wishes</Button>
        {:else}
            <p class="most">{wishes.effects.many}</p>
        {/if}
        {#if errors['cards']}<p id="cards-fault" class="fault" role="alert">{errors['cards']}</p>{/if}
    </form>
{/snippet}

<Frame title="Share out">
    <SurfaceDefs {goods} />
    {#if cards.length === 0}
        <Empty title="Nothing is shared out yet">
            <p>
                Say how many cards you want. Each gets a sketch, papers, mats, a focal point, a sentiment, trimmings, a base and an
                envelope. All of it comes from what is on the table.
            </p>
            {@render asking()}
            {#if solve}<Solving {solve} />{/if}
            <Wishes {taste} {wishes} {frontier} isSolving={solve?.isUnderWay ?? false} />
        </Empty>
    {:else}
        <h1 class="sr-only">Share out</h1>
        <div class="place">
            <div class="top" class:isDense>
                <p class="answer">
                    <strong>{count(outlook.cards, 'card')}</strong> from a kit for {outlook.promised}.
                    {#if outlook.isLooking}
                        <span>Checking what is left…</span>
                    {:else if outlook.bonus !== null}
                        <span>
                            What is left gives {outlook.bonus ? `${outlook.bonus} more` : 'no more'}{outlook.wants
                                ? `; the ${outlook.bonus ? 'one after' : 'next'} needs ${outlook.wants}`
                                : ''}.
                        </span>
                    {/if}
                </p>
                {#if isDense}<TextButton onclick={turnDense}>Large rows</TextButton>{:else}{@render asking()}{/if}
            </div>
            {#if solve}<Solving {solve} withShortfalls={!proposal} />{/if}
            {#if hasSorts}
                <div class="sorts"><Frontier {frontier} isSolving={false} stash={wishes.stash} words={wishes.words} isAsked /></div>
            {/if}
            {#if gaps.length && !proposal}<p class="gaps" role="status">{gaps.join(' ')}</p>{/if}
            {#if asides.length}
                <p class="asides">
                    Set aside:
                    {#each asides as aside (aside.id)}
                        <TextButton onclick={() => sender.send(`share-out/solutions/${aside.id}/put-back`, {})}
                            >put {aside.name.toLowerCase()} back</TextButton
                        >
                    {/each}
                </p>
            {/if}
            {#if proposal}
                <!-- Few visits have a proposal, so it is loaded by itself. -->
                {#await import('./ProposedShareOut.svelte') then { default: ProposedShareOut }}
                    <ProposedShareOut {proposal} {goods} />
                {/await}
            {:else}
                <div class="beside">
                    <div class="grid"><ShareGrid {cards} {groups} {goods} {isDense} /></div>
                    {#if isWishing}
                        <aside aria-label="Wishes">
                            <Wishes
                                {taste}
                                {wishes}
                                {frontier}
                                isSolving={solve?.isUnderWay ?? false}
                                hasFrontier={hasSorts}
                                onclose={turnWishing}
                            />
                        </aside>
                    {/if}
                </div>
            {/if}
        </div>
    {/if}
</Frame>

<style>
    .place {
        display: flex;
        flex-direction: column;
        height: 100%;
    }

    .beside {
        display: flex;
        flex: 1;
        min-height: 0;
    }

    .grid {
        display: flex;
        flex: 1;
        flex-direction: column;
        min-width: 0;
        min-height: 0;
    }

    aside {
        flex: 0 0 22rem;
        overflow-y: auto;
        padding: 0.25rem 1rem 1rem;
        border-top: 1px solid var(--line);
        border-left: 1px solid var(--line-strong);
        background: var(--sheet);
    }

    .top {
        display: flex;
        align-items: center;
        flex-wrap: wrap;
        justify-content: space-between;
        gap: 0.25rem 1.5rem;
        padding: 0.5rem 1.25rem;
    }

    .top.isDense {
        padding-block: 0;
    }

    .top.isDense .answer {
        min-height: 0;
        font-size: var(--body);
    }

    /* One line is as high as two, so that the grid below does not jump. */
    .answer {
        flex: 1 1 20rem;
        min-height: 2.8em;
        align-content: center;
        font-size: var(--large);
    }

    .gaps {
        margin: 0 1.25rem;
        padding: 0.5rem 0.75rem;
        border-left: 4px solid var(--madder);
        background: var(--madder-soft);
    }

    .sorts {
        display: grid;
        gap: 0.375rem;
        padding: 0.5rem 1.25rem;
    }

    .asides {
        display: flex;
        align-items: center;
        gap: 0.75rem;
        padding: 0 1.25rem;
        color: var(--ink-soft);
    }

    .answer span {
        color: var(--ink-soft);
    }

    form {
        position: relative;
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.625rem;
    }

    .top form {
        flex-wrap: nowrap;
    }

    @media (width < 62rem) {
        .top form {
            flex-wrap: wrap;
        }
    }

    label {
        font-weight: 600;
        white-space: nowrap;
    }

    .tick {
        display: flex;
        align-items: center;
        gap: 0.375rem;
        min-height: var(--target);
        font-weight: 400;
    }

    .tick input {
        width: 1.125rem;
        height: 1.125rem;
        accent-color: var(--here);
    }

    #cards {
        width: 6rem;
        font-size: var(--large);
        font-weight: 650;
        text-align: center;
    }

    #cards[aria-invalid='true'] {
        border: 2px solid var(--madder);
    }

    .fault,
    .most {
        flex-basis: 100%;
    }

    .most {
        margin: 0;
        color: var(--ink-soft);
    }

    .top .fault {
        position: absolute;
        inset: 100% 0 auto auto;
        z-index: 5;
        padding: 0.5rem 0.75rem;
        border: 1px solid var(--madder);
        border-radius: var(--radius);
        background: var(--madder-soft);
    }

    @media (width < 48rem) {
        .place {
            height: auto;
        }

        .beside {
            flex-direction: column-reverse;
        }

        aside {
            flex: none;
        }
    }
</style>
