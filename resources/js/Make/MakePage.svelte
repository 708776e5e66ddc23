<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import CardToMake from './CardToMake.svelte'
    import Drying from './Drying.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Files from '@/parts/Files.svelte'
    import Frame from '@/parts/Frame.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { count } from '@/lib/format'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { MakePage } from '@/lib/props'

    let {
        made,
        runs,
        schools,
        drying,
        cards,
        goods,
        minutes,
        fault,
        halts,
        marked,
        paced,
        chosen: picked,
        done,
        steps,
    }: MakePage = $props()

    const frame = $derived(kit.frame)
    const chosen = $derived(schools.find((one) => one.isChosen) ?? schools[0])
    let time = $derived(minutes)

    const numbers = (of: number[]): string => (of.length ? `&cards=${of.join(',')}` : '')

    const at = (school: string, within: string, of: number[]): string =>
        `${frame.url}/make?school=${school}${within ? `&minutes=${encodeURIComponent(within)}` : ''}${numbers(of)}`

    const choose = (school: string): void => router.visit(at(school, time, picked), { preserveScroll: true })

    /** The planned cards: all of them, or those that are ticked. */
    function pick(number: number, isPicked: boolean): void {
        const all = picked.length ? picked : cards.map((card) => card.front.number)
        const now = isPicked ? [...all, number] : all.filter((one) => one !== number)
        router.visit(at(chosen?.school ?? 'runs', time, now.length === cards.length ? [] : now.sort((a, b) => a - b)), {
            preserveState: true,
            preserveScroll: true,
        })
    }

    function ask(event: SubmitEvent): void {
        event.preventDefault()
        router.visit(at(chosen?.school ?? 'runs', time, picked), { preserveState: true, preserveScroll: true })
    }

    const toTable = (card?: number): void =>
        router.visit(`${frame.url}/make/table?school=${chosen?.school ?? 'runs'}${card ? `&card=${card}` : numbers(picked)}`)

    useKeys(() => [
        { key: 't', shown: 'T', says: 'Go to the table: one step at a time', run: () => toTable() },
        {
            key: 's',
            shown: 'S',
            says: 'The other school: in runs, or card by card',
            run: () => choose(schools.find((one) => !one.isChosen)?.school ?? 'runs'),
        },
    ])
</script>

<Frame title="Make">
    <SurfaceDefs {goods} />
    {#if cards.length === 0}
        <Empty title="No cards to make yet">
            <p>Share the kit out first. Then this page lists the steps, one tool at a time. While one card dries you work on another.</p>
            <Button main onclick={() => router.visit(`${frame.url}/share-out`)}>Go to Share out</Button>
        </Empty>
    {:else}
        <div class="place">
            <section aria-labelledby="runs-title">
                <h1 id="runs-title">{made} of {count(cards.length, 'card')} made</h1>
                {#if runs.length}
                    <p class="to-go">
                        {done} of {count(steps, 'step')} done; {count(chosen?.setUps ?? 0, 'tool change')} and {chosen?.time} to go,
                        {paced ? `at your own pace for ${count(paced, 'kind')} of steps` : 'at the usual pace'}.
                        <Button main key="T" onclick={() => toTable()}>Go to the table</Button>
                        {#if marked}<Button onclick={() => sender.send('make/pace')}>Use the usual minutes again</Button>{/if}
                    </p>
                    <fieldset>
                        <legend>How</legend>
                        {#each schools as one (one.school)}
                            <label class:chosen={one.isChosen}>
                                <input type="radio" name="school" checked={one.isChosen} onchange={() => choose(one.school)} />
                                <span>
                                    <b>{one.says}</b>: {count(one.setUps, 'tool change')} and {one.time}
                                    <small>{one.spent}; {one.least}</small>
                                </span>
                            </label>
                        {/each}
                    </fieldset>
                    <form onsubmit={ask}>
                        <label for="minutes">I have</label>
                        <input
                            id="minutes"
                            bind:value={time}
                            size="4"
                            inputmode="numeric"
                            aria-invalid={!!fault}
                            aria-describedby="minutes-fault"
                        />
                        <span>minutes</span>
                        <Button type="submit">Where do I stop?</Button>
                        <span id="minutes-fault" class="fault" role="alert">{fault}</span>
                    </form>
                    {#each halts as halt (halt.how)}
                        <div class="halt" role="status">
                            <h2>{halt.how}: {count(halt.complete.length, 'card')} complete</h2>
                            <p>{halt.says}</p>
                            <p class="soft">{halt.left.join('; ')}</p>
                        </div>
                    {/each}
                    <ol class="runs">
                        {#each runs as run, n (n)}
                            <li class:now={n === 0}>
                                <b>{run.label}</b>
                                <span>{run.tool}</span>
                                <span class="soft">{count(run.steps, 'step')}, {run.time}</span>
                                <span class="soft">card{run.cards.length === 1 ? '' : 's'} {run.cards.join(', ')}</span>
                            </li>
                        {/each}
                    </ol>
                {:else}
                    <p class="to-go">
                        Every card is made. <Button main onclick={() => router.visit(`${frame.url}/tally`)}>Go to Tally</Button>
                    </p>
                {/if}
                <Drying {drying} />
                <p><Files at="runs" of={frame.url} /></p>
            </section>
            <section aria-labelledby="cards-title">
                <h2 id="cards-title">The cards</h2>
                <ul class="cards">
                    {#each cards as card (card.id)}
                        <CardToMake
                            {card}
                            {goods}
                            isPicked={!picked.length || picked.includes(card.front.number)}
                            isOnly={picked.length === 1 && picked.includes(card.front.number)}
                            pick={(isPicked) => pick(card.front.number, isPicked)}
                            make={() => toTable(card.id)}
                        />
                    {/each}
                </ul>
            </section>
        </div>
    {/if}
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
        gap: calc(2 * var(--gap));
        padding: calc(1.5 * var(--gap));
    }

    h1,
    h2 {
        margin: 0 0 0.5rem;
    }

    .to-go {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.75rem;
        margin: 0 0 var(--gap);
        font-size: var(--large);
    }

    fieldset {
        display: grid;
        gap: 0.5rem;
        margin: 0 0 var(--gap);
        padding: 0;
        border: 0;
    }

    legend {
        padding: 0;
        font-weight: 600;
    }

    fieldset label {
        display: flex;
        gap: 0.75rem;
        align-items: start;
        min-height: var(--target);
        padding: 0.5rem 0.75rem;
        border: 1px solid var(--line);
        border-radius: var(--radius);
    }

    fieldset label.chosen {
        border-color: var(--here);
        background: var(--here-soft);
    }

    small {
        display: block;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    form {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
        margin-bottom: var(--gap);
    }

    form input {
        min-height: var(--target);
    }

    .fault {
        color: var(--madder);
    }

    .halt {
        margin-bottom: var(--gap);
        padding: 0.75rem 1rem;
        border-left: 4px solid var(--here);
        background: var(--rail);
    }

    .halt h2 {
        font-size: var(--large);
    }

    .halt p {
        margin: 0.25rem 0 0;
    }

    .soft {
        color: var(--ink-soft);
    }

    .runs {
        display: grid;
        margin: 0 0 var(--gap);
        padding: 0;
        list-style: none;
        counter-reset: run;
    }

    .runs li {
        display: grid;
        grid-template-columns: 2rem minmax(0, 3fr) minmax(0, 2fr) 8rem;
        gap: 0 0.75rem;
        padding: 0.6rem 0.75rem;
        border-top: 1px solid var(--line);
        counter-increment: run;
    }

    .runs li::before {
        content: counter(run);
        color: var(--ink-soft);
        font-weight: 600;
    }

    .runs li.now {
        border-left: 4px solid var(--here);
        background: var(--here-soft);
    }

    .runs li > :last-child {
        grid-column: 2 / -1;
    }

    .cards {
        display: grid;
        gap: 0.75rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    @media (width < 760px) {
        .place {
            grid-template-columns: minmax(0, 1fr);
            padding: var(--gap);
        }

        .runs li {
            grid-template-columns: 2rem minmax(0, 1fr);
        }

        .runs li > * {
            grid-column: 2;
        }
    }
</style>
