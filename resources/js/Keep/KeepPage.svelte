<script lang="ts">
    import { tick, untrack } from 'svelte'
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import Balance from './Balance.svelte'
    import Becomes from './Becomes.svelte'
    import BonusRow from './BonusRow.svelte'
    import FindScrap from './FindScrap.svelte'
    import MoreOnTray from './MoreOnTray.svelte'
    import ScrapDrawing from './ScrapDrawing.svelte'
    import ScrapTray from './ScrapTray.svelte'
    import Turned from './Turned.svelte'
    import { kit } from '@/lib/kit'
    import { count } from '@/lib/format'
    import { useKeys } from '@/lib/keys.svelte'
    import { poll } from '@/lib/poll.svelte'
    import { look, LOOKING_ON, sender, type Data } from '@/lib/send.svelte'
    import type { ChosenScrap, KeepPage } from '@/lib/props'

    let props: KeepPage = $props()
    const { hasCards, tray, turned, goods, bonus } = $derived(props)

    const frame = $derived(kit.frame)
    const kept = $derived(tray.reduce((sum, box) => sum + box.scraps.length, 0))
    const isOnTray = (id: string | null): boolean => tray.some((box) => box.scraps.some((one) => one.id === id))
    /** The chosen scrap. What it can become is looked up, and the arrow keys do not wait for that. */
    let pointed = $state<string | null>(null)
    const here = $derived(isOnTray(pointed) ? pointed : (props.chosen?.scrap.id ?? null))
    /** What was looked up, for the table as it was then. */
    let looked = $state.raw<{ chosen: ChosenScrap | null; revision: number } | null>(null)
    const chosen = $derived(looked?.chosen?.scrap.id === here && looked.revision === frame.revision ? looked.chosen : props.chosen)
    const scrap = $derived(chosen?.scrap ?? null)
    const options = $derived(chosen?.options ?? [])
    /** Until the list for the chosen scrap has come, nothing can be taken or picked. */
    const isLooked = $derived((scrap?.id ?? null) === here)

    let at = $state(0)
    /** The whole tray is shown until it is closed. */
    let isTurning = $state(untrack(() => props.turned?.isLooking ?? false))
    let list = $state<ScrapTray>()
    const option = $derived(options[Math.min(at, options.length - 1)])
    const order = $derived(bonus?.order ?? '')

    poll('bonus', () => bonus?.isLooking ?? false)
    poll('turned', () => turned?.isLooking ?? false)

    /** Every act leaves the page where it is: at this scrap, with the cards in this order. */
    const act = (path: string, data: Data = {}): void => sender.send(path, { ...data, at: here ?? '', order })

    $effect(() => {
        const revision = frame.revision
        if (here === null || here === props.chosen?.scrap.id || (looked?.chosen?.scrap.id === here && looked.revision === revision)) return
        const asked = new AbortController()
        const wait = setTimeout(() => {
            fetch(`${frame.url}/keep/becomes?scrap=${here}`, {
                signal: asked.signal,
                headers: { accept: 'application/json', ...LOOKING_ON },
            })
                .then((answer) => answer.json())
                .then((answer: { chosen: ChosenScrap | null }) => (looked = { ...answer, revision }))
                .catch(() => undefined)
        }, 40)
        return () => {
            clearTimeout(wait)
            asked.abort()
        }
    })

    function choose(id: string): void {
        at = 0
        pointed = id
    }

    /** Takes it, and goes on to the next scrap. */
    function take(): void {
        if (!option || !scrap || !isLooked || sender.isBusy) return
        const all = tray.flatMap((box) => box.scraps).filter(({ part }) => part === null)
        const next = all[all.findIndex(({ id }) => id === scrap.id) + 1]
        const wasThere = document.activeElement?.closest('.tray, .becomes') !== null
        sender.send(
            'keep/take',
            { scrap: scrap.id, option: option.key, at: next?.id ?? '', order },
            {
                done: () => {
                    pointed = next?.id ?? null
                    at = 0
                    if (wasThere) void tick().then(() => list?.focus())
                },
            },
        )
    }

    function takeTurned(scraps: string[]): void {
        isTurning = false
        act('keep/turn/take', { scraps: scraps.join(',') })
    }

    function turn(): void {
        isTurning = true
        if (turned === null) act('keep/turn')
    }

    function add(numbers: number[]): void {
        if (numbers.length && !sender.isBusy) act('keep', { number: numbers.join(',') })
    }

    /** While the focus is among the scraps, the keys choose what the scrap becomes. */
    function onkey(event: KeyboardEvent): void {
        const step = { ArrowUp: -1, ArrowDown: 1 }[event.key]
        if (step !== undefined && options.length) {
            event.preventDefault()
            if (isLooked) at = Math.max(0, Math.min(options.length - 1, at + step))
        }
        if (event.key === 'Enter' && !isTurning) {
            event.preventDefault()
            take()
        }
    }

    useKeys(() => [
        { key: 'c', shown: 'C', says: 'Go to the scraps: ← → choose one, ↑ ↓ what it becomes, Enter takes it', run: () => list?.focus() },
        { key: 'w', shown: 'W', says: 'The whole tray at once', run: turn },
        ...(isTurning && turned?.scraps.length
            ? [{ key: 'Enter', says: 'Take what is proposed for the tray', run: () => takeTurned([]) }]
            : []),
        ...(isTurning ? [{ key: 'Escape', shown: 'Esc', says: 'Leave the proposal for the tray', run: () => (isTurning = false) }] : []),
        ...(scrap?.part && isLooked
            ? [{ key: 'b', shown: 'B', says: 'Turn the part back into a scrap', run: () => act(`keep/back/${scrap.id}`) }]
            : []),
        {
            key: 'a',
            shown: 'A',
            says: 'Add the first bonus card to the share-out',
            run: () => add(bonus?.cards.slice(0, 1).map((c) => c.number) ?? []),
        },
        { key: 'A', shown: 'Shift A', says: 'Add all bonus cards', run: () => add(bonus?.cards.map((c) => c.number) ?? []) },
    ])
</script>

<Frame title="Keep">
    <SurfaceDefs {goods} />
    {#if !hasCards}
        <Empty title="Nothing is cut yet">
            <p>
                Share the kit out first. Then this page shows the offcuts to scale, what they can become, and the bonus cards you can still
                make.
            </p>
            <Button main onclick={() => router.visit(`${frame.url}/share-out`)}>Go to Share out</Button>
        </Empty>
    {:else}
        <div class="place">
            <section class="tray" aria-labelledby="tray-title">
                <h2 id="tray-title">The tray: {count(kept, 'scrap')}, to scale</h2>
                {#if kept === 0}
                    <p>There are no scraps yet. Cutting for cards leaves some.</p>
                {/if}
                <ScrapTray bind:this={list} boxes={tray} chosen={here} onchoose={choose} {onkey} />
                {#if kept > 0}<p class="soft">A dashed edge: still part of a sheet that is to be cut.</p>{/if}
                {#if props.confetti > 0}
                    <Button disabled={sender.isBusy} onclick={() => act('keep/throw')}
                        >Throw away {count(props.confetti, 'scrap')} of confetti</Button
                    >
                {/if}
                <FindScrap url={`${frame.url}/keep/scraps`} onleave={() => list?.focus()} />
                <MoreOnTray spares={props.spares} middles={props.middles} counts={props.counts} {goods} {act} />
            </section>
            <div class="desk" aria-busy={!isLooked}>
                {#if isTurning && turned}
                    <section class="turned" aria-label="The whole tray">
                        <Turned {turned} ontake={takeTurned} onleave={() => (isTurning = false)} />
                    </section>
                {:else if chosen && scrap}
                    <section class="chosen" aria-labelledby="chosen-title">
                        <h1 id="chosen-title">{chosen.name}, <Measure text={scrap.measure} /> {frame.unit}</h1>
                        <p class="soft">
                            {scrap.part ? `A standard part, ${scrap.part}, from ` : 'From '}{scrap.from}{scrap.isThere
                                ? ''
                                : ', once it is cut'}{chosen.other ? `; the other side is ${chosen.other}` : ''}.
                        </p>
                        <ScrapDrawing {scrap} plan={option?.plan ?? null} side={300} />
                        {#if option?.plan.settings.length}
                            <p class="cuts">
                                {count(option.plan.settings.length, 'cut')}, guide at <Measure
                                    text={option.plan.settings.join(', ')}
                                    wraps
                                />
                                {frame.unit}
                            </p>
                        {/if}
                    </section>
                    <section class="becomes" aria-labelledby="becomes-title">
                        <h2 id="becomes-title">What it can become</h2>
                        {#if scrap.part}
                            <p>It is a {scrap.part} already: cards use it like a sheet.</p>
                            <Button key="B" disabled={sender.isBusy} onclick={() => act(`keep/back/${scrap.id}`)}
                                >Turn it back into a scrap</Button
                            >
                        {:else if options.length === 0}
                            <p>It is too small for any part: confetti.</p>
                        {:else}
                            <Becomes {options} {at} onpick={(i) => (at = i)} ontake={take} />
                        {/if}
                        <div class="acts">
                            {#if option}<Button main key="Enter" disabled={sender.isBusy || !isLooked} onclick={take}
                                    >Turn it into this</Button
                                >{/if}
                            <Button key="W" onclick={turn}>The whole tray at once</Button>
                        </div>
                    </section>
                    <p class="sr-only" role="status">
                        {chosen.name}, {scrap.measure}{option ? `: ${option.says}, ${option.serves}, ${at + 1} of ${options.length}` : ''}
                    </p>
                {/if}
            </div>
            <div class="foot">
                {#if bonus}
                    <BonusRow
                        {bonus}
                        {goods}
                        orders={props.orders}
                        onadd={add}
                        onorder={(by) => look('keep', { scrap: scrap?.id ?? '', order: by }, ['bonus'])}
                    />
                {/if}
                <Balance bars={props.balance} />
            </div>
        </div>
    {/if}
</Frame>

<style>
    .place {
        display: grid;
        grid-template: minmax(0, 1fr) auto / 24rem minmax(0, 1fr);
        height: 100%;
    }

    .tray {
        grid-row: 1 / -1;
        min-height: 0;
        padding: 1rem 1.25rem 2rem;
        overflow: auto;
        background: var(--kraft-soft);
        border-right: 2px solid var(--kraft);
    }

    .tray h2 {
        color: var(--kraft-ink);
        font-size: var(--large);
    }

    .desk {
        display: grid;
        grid-template-columns: minmax(0, 1.1fr) minmax(17rem, 1fr);
        align-content: start;
        gap: 0.5rem 2rem;
        min-height: 0;
        padding: 1rem 1.5rem;
        overflow: auto;
    }

    .turned {
        grid-column: 1 / -1;
    }

    h1 {
        font-size: 1.375rem;
    }

    .chosen > .soft {
        margin-bottom: 0.875rem;
    }

    .cuts {
        margin-top: 0.625rem;
        font-size: var(--small);
    }

    .becomes h2 {
        margin-bottom: 0.375rem;
        font-size: var(--large);
    }

    /* In reach, however long the list is. */
    .acts {
        position: sticky;
        bottom: -1rem;
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
        padding: 0.5rem 0 0.75rem;
        background: var(--sheet);
    }

    .foot {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 17rem;
        gap: 1.5rem;
        padding: 0.625rem 1.5rem;
        border-top: 1px solid var(--line-strong);
    }

    @media (max-width: 60rem) {
        .place {
            display: block;
            height: auto;
        }

        .desk,
        .foot {
            grid-template-columns: minmax(0, 1fr);
            padding: 1rem;
        }

        .desk {
            display: grid;
            overflow: visible;
        }

        .foot > :global(*) {
            min-width: 0;
        }

        .tray {
            max-height: 50vh;
            border-right: 0;
            border-bottom: 2px solid var(--kraft);
        }
    }
</style>
