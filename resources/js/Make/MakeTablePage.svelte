<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Drying from './Drying.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import Mending from './Mending.svelte'
    import PartOnFront from './PartOnFront.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { count } from '@/lib/format'
    import { kit } from '@/lib/kit'
    import { bell } from './bell'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { DryingStep, MakeTablePage } from '@/lib/props'

    let { step, next, drying, goods, made, cards, left, last, school, only, ways, chosen }: MakeTablePage = $props()

    const frame = $derived(kit.frame)
    const these = $derived(chosen.length ? `&cards=${chosen.join(',')}` : '')
    const MEND_KEYS = 'asdfgh'
    let rings = $state(bell.isOn())
    let dry = $state('')

    function done(): void {
        dry = ''
        if (step && !sender.isBusy) sender.send(`make/${step.id}`, { step: step.step })
    }

    function back(): void {
        if (last && !sender.isBusy) sender.send('make/back', {})
    }

    /**
     * The ways out are shown before anything is recorded. The address stays, since they would stay open on the next step
     * otherwise.
     */
    const show = (isWrong: boolean): void =>
        router.visit(`${frame.url}/make/table?school=${school}${only ? `&card=${only}` : ''}${these}${isWrong ? '&wrong=1' : ''}`, {
            preserveState: true,
            preserveUrl: true,
        })

    function mend(way: string | undefined): void {
        if (step && way && !sender.isBusy) sender.send(`make/${step.id}/mend`, { step: step.step, way })
    }

    function read(): void {
        if (!step || !('speechSynthesis' in window)) return
        speechSynthesis.cancel()
        speechSynthesis.speak(new SpeechSynthesisUtterance(`Card ${step.card}. ${step.says}`))
    }

    function mute(): void {
        rings = !rings
        bell.turn(rings)
    }

    function ring(about: DryingStep): void {
        dry = `Card ${about.card} is dry.`
        bell.ring()
    }

    useKeys(() => [
        { key: ' ', shown: 'Space', says: 'This step is done', run: done },
        { key: 'ArrowLeft', shown: '←', says: 'Back: the last step is to be done again', run: back },
        { key: 'w', shown: 'W', says: 'Report a mistake and see what can be done', run: () => show(true) },
        ...(ways ?? []).map((way, n) => ({
            key: MEND_KEYS.charAt(n),
            shown: MEND_KEYS.charAt(n).toUpperCase(),
            says: way,
            run: () => mend(way),
        })),
        ...(ways ? [{ key: 'Escape', shown: 'Esc', says: 'There was no mistake after all', run: () => show(false) }] : []),
        { key: 'r', shown: 'R', says: 'Read the step aloud', run: read },
        {
            key: 'c',
            shown: 'C',
            says: 'The whole card, drawn apart',
            run: () => step && router.visit(`${frame.url}/make/cards/${step.id}`),
        },
        { key: 'l', shown: 'L', says: 'All runs', run: () => router.visit(`${frame.url}/make?school=${school}${these}`) },
    ])
</script>

<Frame title={dry ? `✓ ${dry}` : 'At the table'}>
    <SurfaceDefs {goods} />
    {#if step}
        <div class="table">
            <header>
                <p>
                    {#if step.isSetUp}Take <b>{step.tool}</b>, put the rest away; {step.surface} ·{:else}{step.tool} ·{/if}
                    {step.run} · {step.label}
                </p>
                <p class="bag">card <b>{step.card}</b></p>
            </header>
            <!-- Read out with its card, since several steps of a run may have the same text. -->
            <div aria-live="polite">
                {#key `${step.id}/${step.step}`}
                    <p class="sr-only">Card {step.card}:</p>
                    <h1><Measure text={step.says} wraps /></h1>
                {/key}
            </div>
            <div class="middle">
                <PartOnFront front={step.front} {goods} at={step.at} />
                <div class="side">
                    {#if step.wet}
                        <p class="wet" role="status">Still wet: wait {Math.ceil(step.wet / 60)} min, or go on with what is dry.</p>
                    {/if}
                    {#if !step.isCut}<p class="wet">Its pieces are not all cut yet.</p>{/if}
                    {#if step.wait}<p>Then let it dry {step.wait}.</p>{/if}
                    {#each step.cautions as caution (caution)}
                        <p class="caution"><span aria-hidden="true">△</span> {caution}</p>
                    {/each}
                    <!-- Not disabled while an act is under way, since the focus would be lost. A second press then does nothing. -->
                    <div class="acts">
                        <Button main key="Space" onclick={done}>Done</Button>
                        <Button key="←" disabled={!last} onclick={back}>Back</Button>
                        <Button key="W" onclick={() => show(true)}>Report a mistake</Button>
                    </div>
                    {#if ways}
                        <Mending {ways} keys={MEND_KEYS.toUpperCase()} onmend={mend} onleave={() => show(false)} ongoon={done} />
                    {/if}
                    <p class="next">
                        {#each next as one, n (n)}{n ? ' Then card' : 'Next, card'} {one.card}: <Measure text={one.says} wraps />{/each}
                    </p>
                </div>
            </div>
            <footer>
                <span>{made} of {count(cards, 'card')} made, {left} to go{only ? ' · this card alone' : ''}</span>
                <Button key="R" onclick={read}>Read aloud</Button>
                <Button onclick={mute} aria-pressed={rings}>{rings ? 'Bell on' : 'Bell off'}</Button>
                <Button key="L" onclick={() => router.visit(`${frame.url}/make?school=${school}${these}`)}>All runs</Button>
            </footer>
            <p class="dry" role="status">{dry}</p>
            {#key drying.map((one) => one.until).join()}<Drying {drying} ondry={ring} />{/key}
        </div>
    {:else}
        <Empty title={cards ? 'Nothing is left to do' : 'No cards to make yet'}>
            <p>{cards ? `${made} of ${count(cards, 'card')} made.` : 'Share cards out first; their steps stand here one at a time.'}</p>
            <Button main onclick={() => router.visit(`${frame.url}/${cards ? 'make' : 'share-out'}`)}>
                {cards ? 'All cards' : 'Go to Share out'}
            </Button>
            {#if last}<Button key="←" onclick={back}>Back</Button>{/if}
        </Empty>
    {/if}
</Frame>

<style>
    /* Readable from 80 cm: letters of at least 4 mm (the x-height of 30 px is 4 mm on a 96 dpi screen). */
    .table {
        display: grid;
        gap: var(--gap);
        padding: calc(1.25 * var(--gap)) calc(1.5 * var(--gap));
        font-size: 1.375rem;
    }

    header,
    footer {
        display: flex;
        flex-wrap: wrap;
        gap: 0.75rem;
        align-items: baseline;
        justify-content: space-between;
        color: var(--ink-soft);
    }

    p {
        margin: 0;
    }

    .bag b {
        font-size: 2.5rem;
        color: var(--ink);
    }

    h1 {
        margin: 0;
        font-size: 2.125rem;
        line-height: 1.25;
        text-wrap: pretty;
    }

    .middle {
        display: grid;
        grid-template-columns: auto minmax(0, 1fr);
        gap: calc(2 * var(--gap));
        align-items: start;
    }

    .side {
        display: grid;
        gap: var(--gap);
    }

    .wet {
        padding: 0.5rem 0.75rem;
        background: var(--kraft-soft);
        color: var(--kraft-ink);
    }

    .caution {
        color: var(--ink-soft);
        font-size: var(--large);
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.75rem;
    }

    .acts :global(.button) {
        min-height: 76px;
        font-size: 1.375rem;
    }

    .acts :global(.button:first-child) {
        flex: 1 1 12rem;
        justify-content: center;
    }

    .next {
        color: var(--ink-soft);
        font-size: var(--large);
    }

    footer {
        align-items: center;
        padding-top: 0.75rem;
        border-top: 1px solid var(--line);
        font-size: var(--body);
    }

    footer span {
        flex: 1;
    }

    .dry:empty {
        display: none;
    }

    @media (width < 760px) {
        .table {
            padding: var(--gap);
        }

        h1 {
            font-size: 1.75rem;
        }

        .middle {
            grid-template-columns: minmax(0, 1fr);
        }

        /* Always under the thumb. */
        .acts {
            position: fixed;
            z-index: 1;
            inset: auto 0 0;
            padding: 0.5rem 1rem;
            flex-wrap: nowrap;
            background: var(--sheet);
            border-top: 1px solid var(--line);
        }

        .acts :global(.button:first-child) {
            flex: 1 1 0;
        }

        .acts :global(.button) {
            min-height: 60px;
            padding: 0 0.75rem;
            font-size: var(--large);
        }

        .acts :global(kbd) {
            display: none;
        }

        .table {
            padding-bottom: 9rem;
        }
    }
</style>
