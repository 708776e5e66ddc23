<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { look } from '@/lib/send.svelte'
    import type { TallyMaterialsPage } from '@/lib/props'

    let { cards, both, paper, lists, text }: TallyMaterialsPage = $props()

    const chosen = $derived(cards.filter(({ isChosen }) => isChosen).map(({ number }) => number))
    const isAll = $derived(chosen.length === cards.length)
    const asked = $derived({ cards: isAll ? '' : chosen.join(','), both: both ? '1' : '0', paper })
    const file = (ending: string): string => `${kit.frame.url}/tally/materials.${ending}?${new URLSearchParams(asked)}`

    let said = $state('')

    const ask = (change: Partial<typeof asked>): void =>
        look('tally/materials', { ...asked, ...change }, ['cards', 'both', 'paper', 'lists', 'text'])

    /** The last one stays chosen, since a list of nothing is useless. */
    function turn(number: number): void {
        const next = chosen.includes(number) ? chosen.filter((one) => one !== number) : [...chosen, number]
        if (next.length) ask({ cards: next.length === cards.length ? '' : next.join(',') })
    }

    async function copy(): Promise<void> {
        try {
            await navigator.clipboard.writeText(text)
            said = 'Copied: paste it wherever you like.'
        } catch {
            said = 'The browser does not allow copying. Open it as text and copy it there.'
        }
    }

    useKeys(() => [
        { key: 'c', shown: 'C', says: 'Copy the materials as text', run: () => void copy() },
        { key: 'm', shown: 'M', says: 'Both units beside each other, or one', run: () => ask({ both: both ? '0' : '1' }) },
    ])
</script>

<Frame title="Materials">
    {#if cards.length === 0}
        <Empty title="No card to pass on yet">
            <p>Share the kit out first. Then this page lists what another maker needs: sizes, scores, reveals, tools, steps.</p>
            <Button main href="{kit.frame.url}/share-out">Go to Share out</Button>
        </Empty>
    {:else}
        <div class="place">
            <aside aria-label="What to pass on">
                <h1>Materials and measures</h1>
                <p class="soft">Written so that another maker can make the cards from it alone.</p>
                <fieldset>
                    <legend>Of which cards?</legend>
                    <Button aria-pressed={isAll} onclick={() => ask({ cards: '' })}>Choose all cards</Button>
                    <ul>
                        {#each cards as card (card.number)}
                            <li>
                                <label>
                                    <input type="checkbox" checked={card.isChosen} onchange={() => turn(card.number)} />
                                    {card.label}
                                </label>
                            </li>
                        {/each}
                    </ul>
                </fieldset>
                <label>
                    <input type="checkbox" checked={both} onchange={() => ask({ both: both ? '0' : '1' })} />
                    inches and millimetres
                </label>
                <label class="paper">
                    Printed on
                    <select value={paper} onchange={(event) => ask({ paper: event.currentTarget.value })}>
                        <option value="letter">Letter</option>
                        <option value="a4">A4</option>
                    </select>
                </label>
                <div class="files">
                    <Button main key="C" onclick={copy}>Copy as text</Button>
                    <Button href={file('pdf')}>Print it (PDF)</Button>
                    <Button href={file('md')} download>Markdown</Button>
                    <Button href={file('txt')}>As text</Button>
                </div>
                <p role="status">{said}</p>
            </aside>
            <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
            <div class="lists" role="region" aria-label="The lists" tabindex="0">
                <div class="columns">
                    {#each lists as list (list.title)}
                        <section>
                            <h2><Measure text={list.title} wraps /></h2>
                            {#each list.under as { heading, lines } (heading)}
                                <h3>{heading}</h3>
                                {#if heading === 'Steps'}
                                    <ol>
                                        {#each lines as line, i (i)}<li><Measure text={line} wraps /></li>{/each}
                                    </ol>
                                {:else}
                                    <ul>
                                        {#each lines as line, i (i)}<li><Measure text={line} wraps /></li>{/each}
                                    </ul>
                                {/if}
                            {/each}
                        </section>
                    {/each}
                </div>
            </div>
        </div>
    {/if}
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: 21rem minmax(0, 1fr);
        height: 100%;
    }

    aside,
    .lists {
        min-height: 0;
        padding: 1.25rem 1.5rem 3rem;
        overflow: auto;
    }

    aside {
        display: grid;
        align-content: start;
        gap: 0.5rem;
        background: var(--rail);
        border-right: 1px solid var(--line);
    }

    h1 {
        font-size: 1.375rem;
    }

    fieldset {
        margin: 0;
        padding: 0;
        border: 0;
    }

    legend {
        margin-bottom: 0.25rem;
        padding: 0;
        font-weight: 600;
    }

    fieldset ul {
        display: grid;
        grid-template-columns: 1fr 1fr;
        margin: 0.25rem 0 0;
        padding: 0;
        list-style: none;
    }

    label {
        display: flex;
        align-items: center;
        gap: 0.5rem;
        min-height: max(2.25rem, var(--least));
    }

    input {
        width: 1.25rem;
        height: 1.25rem;
        accent-color: var(--here);
    }

    select {
        min-height: var(--target);
    }

    .files {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }

    .columns {
        columns: 2 24rem;
        column-gap: 2.5rem;
    }

    section {
        margin-bottom: 1.5rem;
    }

    h2 {
        padding-bottom: 0.25rem;
        border-bottom: 2px solid var(--ink);
        font-size: var(--large);
        break-after: avoid;
    }

    h3 {
        margin: 0.5rem 0 0.125rem;
        color: var(--ink-soft);
        font-size: var(--body);
        break-after: avoid;
    }

    section ul,
    ol {
        margin: 0;
        padding-left: 1.25rem;
    }

    @media (max-width: 60rem) {
        .place {
            display: block;
            height: auto;
        }

        aside {
            border-right: 0;
            border-bottom: 1px solid var(--line);
        }
    }
</style>
