<script lang="ts">
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import FindLine from '@/parts/FindLine.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import Silhouette from '@/parts/Silhouette.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import Months from './Months.svelte'
    import Swatches from './Swatches.svelte'
    import { count } from '@/lib/format'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { look, sender } from '@/lib/send.svelte'
    import type { KeepScrapsPage } from '@/lib/props'

    let props: KeepScrapsPage = $props()
    const { found, box, parts, others, goods } = $derived(props)

    let text = $state(untrack(() => props.find))
    let chosenPart = $state<string | null>(null)
    /** The part of a card that a found scrap is for: the one asked for, or the first for which something is large enough. */
    const part = $derived(chosenPart ?? (props.part || (found?.find(({ fits }) => fits.length)?.fits[0] ?? parts[0]?.key ?? '')))
    let chosenKits = $state<number[]>([])

    const answer = $derived.by(() => {
        if (props.unknown.length) return `Nothing is called ${props.unknown.map((one) => `“${one}”`).join(' or ')}, in any kit.`
        const ready = props.things.length ? `${count(props.things.length, 'ready-made thing')}` : ''
        const scraps = found?.length ? `${count(found.length, 'scrap')}, nearest first` : ''
        const rest = props.more ? ` ${count(props.more, 'more scrap')} would do. Narrow the search to see fewer.` : ''
        return ready || scraps
            ? `${[ready, scraps].filter(Boolean).join(' and ')}.${rest}`
            : 'Nothing like that was found. Ask for less: a smaller measure, no colour, or “anything”.'
    })

    function find(): void {
        look('keep/scraps', { find: text, part: chosenPart ?? props.part }, [
            'find',
            'fault',
            'found',
            'more',
            'things',
            'unknown',
            'goods',
            'part',
        ])
    }

    const use = (sheet: number, face: number): void => sender.send('keep/use', { sheet, face, part, find: text })
    const turnKit = (id: number): void => {
        chosenKits = chosenKits.includes(id) ? chosenKits.filter((one) => one !== id) : [...chosenKits, id]
    }

    useKeys(() => [
        ...(others.length
            ? [{ key: 'g', shown: 'G', says: 'Move the scraps of the chosen kits to the scrap box', run: () => gather() }]
            : []),
    ])

    function gather(): void {
        if (chosenKits.length) sender.send('keep/gather', { kits: chosenKits.join(',') }, { done: () => (chosenKits = []) })
    }
</script>

<Frame title="Scrap box">
    <SurfaceDefs {goods} />
    <div class="place">
        <section aria-labelledby="find-title">
            <h1 id="find-title">Find a scrap</h1>
            <FindLine
                bind:text
                label="Find a scrap, in all kits and the stash"
                placeholder="strip 2 x 5 1/2 calm blue"
                fault={props.fault}
                onfind={find}
            />
            {#if found}
                <p role="status">{answer}</p>
                {#if props.things.length}
                    <ul class="found" aria-label="Ready-made">
                        {#each props.things as one (one.id)}
                            {@const good = goods[one.component]}
                            <li>
                                {#if good}
                                    <svg width="44" height="44" viewBox="0 0 60 60" aria-hidden="true">
                                        <Silhouette {good} width={60} height={60} />
                                    </svg>
                                {/if}
                                <span>
                                    <a href={one.page}>{one.name}</a>
                                    {one.left === null ? 'plenty' : `${one.left} left`}
                                    <small>{one.from}</small>
                                </span>
                            </li>
                        {/each}
                    </ul>
                {/if}
                {#if found.length && parts.length}
                    <label class="for">
                        Use it for
                        <select value={part} onchange={(event) => (chosenPart = event.currentTarget.value)}>
                            {#each parts as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
                        </select>
                    </label>
                {/if}
                <ul class="found">
                    {#each found as one (one.id)}
                        <li>
                            <Swatches width={one.width} height={one.height} component={one.component} face={one.face} />
                            <span>
                                <b><Measure text={one.measure} /></b>
                                {one.says}
                                <small>{one.from}</small>
                                {#if one.fits.includes(part)}
                                    <Button
                                        disabled={sender.isBusy}
                                        aria-label="Use it: {one.says}, {one.measure}"
                                        onclick={() => use(one.id, one.face)}>Use it</Button
                                    >
                                {/if}
                            </span>
                        </li>
                    {/each}
                </ul>
            {:else}
                <p class="soft">
                    Ask as you would: “circle 2 vellum”, “anything 4 x 5 1/4 for a man”, “busy dots 3 x 3”. A measure is the least it must
                    have; what is nearest in colour comes first.
                </p>
            {/if}
        </section>
        <section class="box" aria-labelledby="box-title">
            <h2 id="box-title">
                The scrap box: {count(
                    box.reduce((sum, one) => sum + one.count, 0),
                    'scrap',
                )}
            </h2>
            {#if box.length === 0}
                <p>The scrap box is empty. When a kit is put away, what is left of its papers and cardstock comes here, drawn to scale.</p>
            {:else}
                <ul class="bundles">
                    {#each box as one, i (i)}
                        <li>
                            <Swatches width={one.width} height={one.height} component={one.component} count={one.count} />
                            <span><Measure text={one.says} wraps /><small>{one.from}</small></span>
                        </li>
                    {/each}
                </ul>
            {/if}
            <h2>In and out</h2>
            <Months months={props.months} area={props.area} />
            {#if others.length}
                <h2>Scraps of other kits</h2>
                <p class="soft">Move them to the scrap box to use them here. Bonus cards can then use the scraps of all kits.</p>
                <ul class="kits">
                    {#each others as other (other.id)}
                        <li>
                            <label>
                                <input type="checkbox" checked={chosenKits.includes(other.id)} onchange={() => turnKit(other.id)} />
                                {other.name}, {count(other.scraps, 'scrap')}
                            </label>
                        </li>
                    {/each}
                </ul>
                <Button key="G" disabled={chosenKits.length === 0 || sender.isBusy} onclick={gather}>Move them to the scrap box</Button>
            {/if}
            <h2>Is {kit.frame.name} finished?</h2>
            <p class="soft">
                When you put it away, its offcuts go to the scrap box. Whole sheets and pieces stay with the kit, and can still be found.
            </p>
            <Button disabled={sender.isBusy} onclick={() => sender.send('keep/put-away')}>Put the kit away</Button>
        </section>
    </div>
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
        height: 100%;
    }

    section {
        min-height: 0;
        padding: 1.25rem 1.5rem 3rem;
        overflow: auto;
    }

    .box {
        background: var(--kraft-soft);
        border-left: 2px solid var(--kraft);
    }

    h2 {
        margin: 1.25rem 0 0.375rem;
        color: var(--kraft-ink);
        font-size: var(--large);
    }

    .box h2:first-child {
        margin-top: 0;
    }

    .for {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
        margin: 0.5rem 0;
    }

    select {
        min-width: 0;
        max-width: 100%;
        min-height: var(--target);
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    .found,
    .bundles {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
        gap: 0.75rem 1rem;
    }

    .found li,
    .bundles li {
        display: grid;
        grid-template-columns: 5.5rem 1fr;
        align-items: start;
        gap: 0.625rem;
        font-size: var(--small);
        line-height: 1.3;
    }

    small {
        display: block;
        color: var(--ink-soft);
    }

    .kits label {
        display: flex;
        align-items: center;
        gap: 0.5rem;
        min-height: var(--target);
    }

    input[type='checkbox'] {
        width: 1.25rem;
        height: 1.25rem;
        accent-color: var(--here);
    }

    @media (max-width: 60rem) {
        .place {
            display: block;
            height: auto;
        }

        .box {
            border-top: 2px solid var(--kraft);
            border-left: 0;
        }
    }
</style>
