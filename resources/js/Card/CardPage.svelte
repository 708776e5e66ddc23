<script lang="ts">
    import { Link, router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import BlankDrawing from '@/parts/BlankDrawing.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import Files from '@/parts/Files.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import CardChoices from './CardChoices.svelte'
    import Findings from './Findings.svelte'
    import PartsList from './PartsList.svelte'
    import Stack from './Stack.svelte'
    import StuckList from './StuckList.svelte'
    import { actsOn } from './cardActs'
    import { mm } from '@/lib/format'
    import WaysOut from '@/parts/WaysOut.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { CardPage } from '@/lib/props'

    let props: CardPage = $props()

    const { front, design, stuck, findings, goods } = $derived(props)
    const url = $derived(`${kit.frame.url}/cards/${props.id}`)
    const acts = actsOn(() => props.id)

    /** Cut from a sheet, but not a part of the sketch. */
    const besides = $derived(props.cuts.filter((cut) => cut.part === 'base' || cut.part === 'sentiment label'))
    const grouped = $derived(props.pieces.map((piece) => piece.id))
    const onTop = $derived(stuck.filter((part) => part.good && !['base', 'envelope', 'foam', ...grouped].includes(part.id)))
    const unwaved = $derived(
        sender.at.startsWith('waive') && kit.errors['why'] ? { check: sender.at.slice(6), says: kit.errors['why'] } : null,
    )

    function go(step: number): void {
        const next = props.cards[props.cards.findIndex((card) => card.id === props.id) + step]
        if (next) router.visit(`${kit.frame.url}/cards/${next.id}`)
    }

    let list: HTMLElement | undefined = $state()

    useKeys(() => [
        { key: 'ArrowRight', shown: '→', says: 'Next card', run: () => go(1) },
        { key: 'ArrowLeft', shown: '←', says: 'Card before', run: () => go(-1) },
        { key: 'a', shown: 'A', says: 'Arrange its pieces', run: () => router.visit(`${kit.frame.url}/arrange?card=${props.id}`) },
        { key: 't', shown: 'T', says: 'Turn the card: upright or lying', run: () => acts.act('turn') },
        {
            key: 'm',
            shown: 'M',
            says: 'To the first measure; ↑ and ↓ change it by a mark, with Shift by four',
            run: () => list?.querySelector('input')?.select(),
        },
    ])
</script>

<Frame title="Card {front.number}">
    <SurfaceDefs {goods} />
    <div class="place">
        <section class="face" aria-labelledby="card-title">
            <h1 id="card-title">Card {front.number}, {front.occasion}</h1>
            <p class="soft"><Measure text="{props.size} · about {props.thickness} thick" />{props.stands ? ` · ${props.stands}` : ''}</p>
            <CardFront {front} {goods} side={352} />
            {#each props.shorts as short, n (short.part)}<WaysOut {short} keyed={n === 0} />{/each}
            <p class="soft">
                To scale, from its real papers.{front.lacks.length ? ` Still missing: ${front.lacks.join(', ')}.` : ' Nothing is missing.'}
                {props.envelope ? `Fits a common ${props.envelope} envelope.` : 'No common envelope takes it.'}
            </p>
            <p class="palette" role="img" aria-label="Its palette: {props.palette.join(', ')}">
                {#each props.palette as colour (colour)}<i style:background={colour}></i>{/each}
            </p>
            <div class="prints">
                <Button href="{kit.frame.url}/arrange?card={props.id}">Arrange its pieces</Button>
                <Files at="card" of={url} />
            </div>
            <CardChoices id={props.id} {design} {acts} />
        </section>
        <section bind:this={list} aria-labelledby="parts-title">
            <h2 id="parts-title">Parts and their measures</h2>
            <PartsList
                card={props.id}
                parts={props.parts}
                cuts={besides}
                folded={props.folded}
                guides={props.guides}
                inside={props.inside}
                {acts}
            />
            <h2>Stuck on, base and envelope</h2>
            <StuckList {stuck} {acts} />
        </section>
        <section aria-labelledby="findings-title">
            <h2 id="findings-title">Hints</h2>
            <Findings
                {findings}
                muted={props.muted}
                fault={unwaved}
                onrepair={(does, with_) => acts.act(does, with_, `repair ${does}`)}
                onwave={(check, why) => acts.act('waive', { check, why }, `waive ${check}`)}
                onmute={(check) => sender.send('mute', { check })}
            />
            <h2>The stack, from the side</h2>
            <Stack stack={props.stack} pieces={props.pieces} width={mm(front.size.width)} stuck={onTop} />
            <h2>Base and gluing</h2>
            <BlankDrawing part={props.build.blank} scale={1.1} />
            <ol class="steps">
                {#each props.build.steps as step (step)}<li><Measure text={step} wraps /></li>{/each}
            </ol>
            <p><b>Do not glue:</b> <Measure text={props.build.open} wraps /></p>
            <nav aria-label="Cards">
                {#each props.cards as card (card.id)}
                    <Link href="{kit.frame.url}/cards/{card.id}" aria-current={card.id === props.id ? 'page' : undefined}
                        >{card.number}</Link
                    >
                {/each}
            </nav>
        </section>
    </div>
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: 22rem minmax(25rem, 1fr) minmax(19rem, 0.75fr);
        gap: 1.75rem;
        padding: 1rem 1.5rem 2rem;
    }

    .face {
        display: grid;
        align-content: start;
        gap: 0.5rem;
    }

    h2 {
        margin-bottom: 0.5rem;
    }

    h2:not(:first-child) {
        margin-top: 1.5rem;
    }

    .palette {
        display: flex;
        gap: 0.25rem;
    }

    .palette i {
        width: 1.75rem;
        height: 1.25rem;
        border-radius: 2px;
        box-shadow: 0 0 0 1px var(--paper-edge);
    }

    .prints {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
    }

    .steps {
        margin: 0.5rem 0;
        padding-left: 1.25rem;
    }

    nav {
        display: flex;
        flex-wrap: wrap;
        gap: 0.25rem;
        margin-top: 1.5rem;
    }

    nav :global(a) {
        display: grid;
        place-items: center;
        min-width: var(--target);
        min-height: var(--target);
        border: 1px solid var(--line);
        border-radius: var(--radius);
        color: var(--ink);
        font-weight: 600;
        text-decoration: none;
    }

    nav :global(a[aria-current]) {
        border-color: var(--here);
        background: var(--here-soft);
    }

    @media (width < 1200px) {
        .place {
            grid-template-columns: 22rem minmax(0, 1fr);
        }

        .place > :last-child {
            grid-column: 1 / -1;
        }
    }

    @media (width < 60rem) {
        .place {
            grid-template-columns: minmax(0, 1fr);
            padding: 1rem;
        }
    }
</style>
