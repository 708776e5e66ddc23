<script lang="ts">
    import { Link, page, router } from '@inertiajs/svelte'
    import Check from '@lucide/svelte/icons/check'
    import CircleAlert from '@lucide/svelte/icons/circle-alert'
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import ShareNav from '@/parts/ShareNav.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { mm } from '@/lib/format'
    import { useKeys } from '@/lib/keys.svelte'
    import { surfaceFill } from '@/lib/surfaces'
    import type { Front, Goods, KitFrame } from '@/lib/types'

    interface Props {
        id: number
        isBegun: boolean
        front: Front
        size: string
        thickness: string
        cuts: { part: string; size: string; from: string; isCut: boolean; score: string | null }[]
        stuck: { part: string; name: string; amount: string }[]
        stack: {
            name: string
            component: string
            face: number
            good: string
            size: string
            left: number
            width: number
            reveal: string
            isEven: boolean
        }[]
        findings: { check: string; says: string; repair: string; isHint: boolean; why: string | null }[]
        goods: Goods
        cards: { id: number; number: number }[]
    }

    let { id, isBegun, front, size, thickness, cuts, stuck, stack, findings, goods, cards }: Props = $props()

    const frame = $derived(page.props['frame'] as KitFrame)
    const errors = $derived(page.props.errors as Record<string, string>)
    const url = $derived(`${frame.url}/cards/${id}`)
    const width = $derived(mm(front.size.width))
    let why = $state<Record<string, string>>({})
    let refused = $state('')

    function go(step: number): void {
        const next = cards[cards.findIndex((card) => card.id === id) + step]
        if (next) router.visit(`${frame.url}/cards/${next.id}`)
    }

    function wave(check: string): void {
        refused = check
        router.post(
            `${url}/waive`,
            { check, why: why[check] ?? '', revision: frame.revision },
            { preserveState: true, preserveScroll: true },
        )
    }

    useKeys(() => [
        { key: 'ArrowRight', shown: '→', says: 'Next card', run: () => go(1) },
        { key: 'ArrowLeft', shown: '←', says: 'Card before', run: () => go(-1) },
    ])
</script>

<Frame title="Card {front.number}">
    <ShareNav />
    <SurfaceDefs {goods} />
    <div class="place">
        <section class="face" aria-labelledby="card-title">
            <h1 id="card-title">Card {front.number}, {front.occasion}</h1>
            <p class="soft"><Measure text="{front.sketch} · {size} · about {thickness} thick" />{isBegun ? ' · begun' : ''}</p>
            <CardFront {front} {goods} side={430} />
            <p class="soft">
                To scale, from its real papers.{front.lacks.length ? ` It lacks ${front.lacks.join(', ')}.` : ' Nothing is open.'}
            </p>
            <div class="prints">
                <Button href="{url}/plan.pdf">Print its plan (PDF)</Button>
                <Button href="{url}/front.svg" download>Front in real size (SVG)</Button>
            </div>
        </section>
        <section>
            <h2>To cut</h2>
            <ul class="cuts">
                {#each cuts as cut (cut.part)}
                    <li>
                        <b class="size"><Measure text={cut.size} /></b>
                        <span>
                            {cut.part}, {cut.from}{#if cut.score}<br />score at <Measure text={cut.score} />{/if}
                            {#if cut.isCut}<Check size={15} aria-label="cut" />{/if}
                        </span>
                    </li>
                {/each}
            </ul>
            <h2>The stack, from the base up</h2>
            <svg
                class="stack"
                viewBox="-2 0 {width + 4} {stack.length * 9 + 16}"
                role="img"
                aria-label="Layers from the side, the base lowest"
            >
                <rect class="base" x="0" y={stack.length * 9 + 8} {width} height="5" />
                {#each stack as layer, i (layer.name)}
                    <g transform="translate({mm(layer.left)} {(stack.length - 1 - i) * 9 + 8})">
                        <rect
                            width={mm(layer.width)}
                            height="4"
                            fill={layer.component ? surfaceFill(layer.component, layer.face) : '#ddd'}
                        />
                    </g>
                {/each}
            </svg>
            <ol>
                {#each stack as layer (layer.name)}
                    <li>
                        <b>{layer.name}</b>
                        {layer.good}{#if layer.isEven}, <Measure text="{layer.reveal} {frame.unit}" /> shows all round{/if}
                    </li>
                {/each}
                {#each stuck as one (one.part)}<li>
                        <b>{one.part}</b>
                        {one.name}{one.amount && one.amount !== '1' ? `, ${one.amount}` : ''}
                    </li>{/each}
            </ol>
        </section>
        <section aria-labelledby="findings-title">
            <h2 id="findings-title">What a practised eye sees</h2>
            {#if findings.length === 0}<p>Nothing to stop at.</p>{/if}
            <ul>
                {#each findings as finding (finding.check + finding.says)}
                    <li class="finding" class:hint={finding.isHint} class:waved={finding.why !== null}>
                        <p>
                            <CircleAlert size={18} aria-hidden="true" />
                            <span><b>{finding.isHint ? 'A hint:' : 'Look at this:'}</b> {finding.says}</span>
                        </p>
                        {#if finding.why !== null}
                            <p class="soft">Waved off: {finding.why}</p>
                        {:else}
                            <p>{finding.repair}</p>
                            <form onsubmit={(event) => (event.preventDefault(), wave(finding.check))}>
                                <input
                                    aria-label="Why it is fine"
                                    placeholder="why it is fine"
                                    bind:value={() => why[finding.check] ?? '', (text) => (why[finding.check] = text)}
                                    aria-invalid={refused === finding.check && !!errors['why']}
                                />
                                <Button type="submit">Wave it off</Button>
                            </form>
                            {#if refused === finding.check && errors['why']}<p class="fault" role="alert">{errors['why']}</p>{/if}
                        {/if}
                    </li>
                {/each}
            </ul>
            <nav aria-label="Cards">
                {#each cards as card (card.id)}<Link href="{frame.url}/cards/{card.id}" aria-current={card.id === id ? 'page' : undefined}
                        >{card.number}</Link
                    >{/each}
            </nav>
        </section>
    </div>
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: auto 1fr 1fr;
        gap: 2.25rem;
        padding: 1.25rem 1.5rem 2rem;
    }

    .face {
        display: grid;
        align-content: start;
        gap: 0.5rem;
    }

    h1,
    h2 {
        font-size: var(--title);
    }

    h2 {
        margin-bottom: 0.5rem;
        font-size: var(--large);
    }

    h2:not(:first-child) {
        margin-top: 1.5rem;
    }

    .soft {
        color: var(--ink-soft);
    }

    ul,
    ol {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    .cuts li {
        display: grid;
        grid-template-columns: 9rem 1fr;
        align-items: baseline;
        gap: 0.75rem;
        padding: 0.25rem 0;
        border-bottom: 1px solid var(--line);
    }

    .size {
        font-size: 1.5rem;
        line-height: 1.2;
    }

    .stack {
        width: 100%;
        max-height: 9rem;
    }

    .stack rect {
        stroke: var(--paper-edge);
        stroke-width: 0.4;
    }

    .stack .base {
        fill: #fdfdfb;
    }

    ol li {
        padding: 0.125rem 0;
    }

    .prints {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }

    .finding {
        display: grid;
        gap: 0.375rem;
        margin-bottom: 0.75rem;
        padding: 0.75rem 1rem;
        border-left: 4px solid var(--madder);
        background: var(--madder-soft);
    }

    .finding p:first-child {
        display: flex;
        gap: 0.5rem;
    }

    .finding :global(svg) {
        flex: none;
        margin-top: 0.125rem;
    }

    .hint,
    .waved {
        border-color: var(--kraft);
        background: var(--kraft-soft);
    }

    form {
        display: flex;
        gap: 0.5rem;
    }

    form input {
        flex: 1;
        min-width: 0;
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
</style>
