<script lang="ts">
    import { Link, page, router } from '@inertiajs/svelte'
    import Check from '@lucide/svelte/icons/check'
    import Minus from '@lucide/svelte/icons/minus'
    import Plus from '@lucide/svelte/icons/plus'
    import BlankDrawing from '@/parts/BlankDrawing.svelte'
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import Findings from '@/parts/Findings.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import MeasureField from '@/parts/MeasureField.svelte'
    import Stack from '@/parts/Stack.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { mm } from '@/lib/format'
    import { useKeys } from '@/lib/keys.svelte'
    import { useSender } from '@/lib/send.svelte'
    import type { CardPage, Choice, KitFrame } from '@/lib/props'

    let {
        id,
        isBegun,
        front,
        size,
        thickness,
        envelope,
        design,
        parts,
        guides,
        folded,
        stuck,
        cuts,
        stack,
        build,
        palette,
        inside,
        findings,
        muted,
        goods,
        cards,
    }: CardPage = $props()

    const frame = $derived(page.props['frame'] as KitFrame)
    const errors = $derived(page.props.errors as Record<string, string>)
    const url = $derived(`${frame.url}/cards/${id}`)
    const sender = useSender()

    const act = (name: string, data: Parameters<typeof sender.send>[1], at = name): void => sender.send(`cards/${id}/${name}`, data, at)
    const faultAt = (at: string, field: string): string | null => (sender.at === at ? (errors[field] ?? null) : null)

    function go(step: number): void {
        const next = cards[cards.findIndex((card) => card.id === id) + step]
        if (next) router.visit(`${frame.url}/cards/${next.id}`)
    }

    function fill(part: string, filling: string): void {
        const [component, face] = filling.split('/')
        if (component) act('fill', { part, component, face: Number(face) }, `fill ${part}`)
    }

    let notes = $state<string | null>(null)
    $effect(() => {
        void id
        notes = null
    })
    const keepNotes = (isForAMan = design.isForAMan): void => act('notes', { notes: notes ?? design.notes, isForAMan })

    useKeys(() => [
        { key: 'ArrowRight', shown: '→', says: 'Next card', run: () => go(1) },
        { key: 'ArrowLeft', shown: '←', says: 'Card before', run: () => go(-1) },
        { key: 't', shown: 'T', says: 'Turn the card: upright or lying', run: () => act('turn', {}) },
        { key: 'm', shown: 'M', says: 'To the first measure; ↑ and ↓ change it by a mark, with Shift by four', run: toMeasure },
    ])

    let list: HTMLElement | undefined = $state()
    function toMeasure(): void {
        list?.querySelector('input')?.select()
    }
</script>

{#snippet choose(name: string, label: string, value: string, choices: Choice[])}
    <label
        >{label}
        <select {value} aria-invalid={!!faultAt(name, name)} onchange={(event) => act(name, { [name]: event.currentTarget.value })}>
            {#each choices as choice (choice.key)}<option value={choice.key}>{choice.label}</option>{/each}
        </select></label
    >
    {#if faultAt(name, name)}<p class="fault" role="alert">{faultAt(name, name)}</p>{/if}
{/snippet}

{#snippet filling(part: Filled, options: Choice[])}
    {#if part.isCut}
        <span>{part.good} <Check size={15} aria-label="cut" /></span>
    {:else}
        <select
            aria-label="What the {part.name} is taken from"
            value={part.filling}
            onchange={(event) => fill(part.id, event.currentTarget.value)}
        >
            {#if !options.some((option) => option.key === part.filling)}
                <option value={part.filling}>{part.good ?? 'still open'}</option>
            {/if}
            {#each options as option (option.key)}<option value={option.key}>{option.label}</option>{/each}
        </select>
    {/if}
    {#if sender.at === `fill ${part.id}` && errors['part']}<p class="fault" role="alert">{errors['part']}</p>{/if}
{/snippet}

{#snippet measures(part: { id: string; name: string; measures: MeasureValue[] })}
    {#each part.measures as measure (measure.name)}
        <MeasureField
            label={measure.name}
            about={part.name}
            value={measure.value}
            share={measure.share}
            fault={faultAt(`${part.id} ${measure.name}`, 'value')}
            ontyped={(value) => act('measure', { part: part.id, measure: measure.name, value }, `${part.id} ${measure.name}`)}
            onsteps={(steps) =>
                act('measure', { part: part.id, measure: measure.name, value: measure.value, steps }, `${part.id} ${measure.name}`)}
        />
    {/each}
{/snippet}

<Frame title="Card {front.number}">
    <SurfaceDefs {goods} />
    <div class="place">
        <section class="face" aria-labelledby="card-title">
            <h1 id="card-title">Card {front.number}, {front.occasion}</h1>
            <p class="soft"><Measure text="{size} · about {thickness} thick" />{isBegun ? ' · begun' : ''}</p>
            <CardFront {front} {goods} side={352} />
            <p class="soft">
                To scale, from its real papers.{front.lacks.length ? ` Still open: ${front.lacks.join(', ')}.` : ' Nothing is open.'}
                {envelope ? `Fits a common ${envelope} envelope.` : 'No common envelope takes it.'}
            </p>
            <p class="palette" aria-label="Its palette: {palette.join(', ')}">
                {#each palette as colour (colour)}<i style:background={colour}></i>{/each}
            </p>
            <div class="prints">
                <Button href="{url}/plan.pdf">Print its plan (PDF)</Button>
                <Button href="{url}/front.svg" download>Front (SVG)</Button>
            </div>
            <div class="choices">
                {@render choose('sketch', design.isChanged ? 'Sketch, changed here' : 'Sketch', design.sketch, design.sketches)}
                {@render choose('fold', 'Fold', design.fold, design.folds)}
                {@render choose('occasion', 'Occasion', design.occasion, design.occasions)}
                <div class="row">
                    <MeasureField
                        label="frame"
                        about="The front"
                        value={design.frame ?? ''}
                        fault={faultAt('frame', 'frame')}
                        ontyped={(text) => act('frame', { frame: text })}
                        placeholder="as it is"
                        onsteps={(steps) => act('frame', { frame: '', steps })}
                    />
                    <Button aria-pressed={design.frame === '0'} onclick={() => act('frame', { frame: design.frame === '0' ? '' : '0' })}
                        >{design.frame === '0' ? 'Covered to the edge' : 'Framed'}</Button
                    >
                    <Button key="T" aria-pressed={design.isLying} onclick={() => act('turn', {})}
                        >{design.isLying ? 'Lying' : 'Upright'}</Button
                    >
                </div>
                {#if faultAt('turn', 'turn')}<p class="fault" role="alert">{faultAt('turn', 'turn')}</p>{/if}
                <div class="row">
                    <label class="set"
                        >A set of
                        <select value={design.copies} onchange={(event) => act('copies', { copies: Number(event.currentTarget.value) })}>
                            {#each [1, 2, 3, 4, 6, 8, 12] as copies (copies)}<option value={copies}>{copies}</option>{/each}
                        </select></label
                    >
                    {#if design.set.length > 1}<span class="soft">cards {design.set.join(', ')}</span>{/if}
                    <label class="tick"
                        ><input type="checkbox" checked={design.isForAMan} onchange={(event) => keepNotes(event.currentTarget.checked)} /> for
                        a man</label
                    >
                    <label class="tick" title="Share-outs that follow the kit’s own designs make it again"
                        ><input type="checkbox" checked={design.isKitDesign} onchange={() => act('keep', {})} /> a design of the kit</label
                    >
                </div>
                <label
                    >Notes
                    <textarea rows="2" bind:value={() => notes ?? design.notes, (text) => (notes = text)} onchange={() => keepNotes()}
                    ></textarea></label
                >
                {#if faultAt('notes', 'notes')}<p class="fault" role="alert">{faultAt('notes', 'notes')}</p>{/if}
            </div>
        </section>
        <section bind:this={list} aria-labelledby="parts-title">
            <h2 id="parts-title">Parts and their measures</h2>
            <ul class="parts">
                {#each parts as part (part.id)}
                    <li>
                        <b class="size"><Measure text={part.size} /></b>
                        <div>
                            <p><b>{part.name}</b> <span class="soft">{part.shown} % shows</span></p>
                            {@render filling(part, part.options)}
                            <div class="measures">{@render measures(part)}</div>
                            {#if part.spare}<p class="soft">
                                    The middle <Measure text={part.spare} /> can be cut out and used: no one sees it.
                                </p>{/if}
                        </div>
                    </li>
                {/each}
                {#each cuts.filter((cut) => cut.part === 'base' || cut.part === 'sentiment label') as cut (cut.part)}
                    <li>
                        <b class="size"><Measure text={cut.size} /></b>
                        <p>
                            <b>{cut.part}</b>, {cut.from}{#if cut.score}, score at <Measure text={cut.score} />{/if}
                            {#if cut.isCut}<Check size={15} aria-label="cut" />{/if}
                        </p>
                    </li>
                {/each}
                {#each folded as part (part.id)}
                    <li>
                        <b class="size"><Measure text={part.size} /></b>
                        <p>
                            <b>{part.name}</b>, {part.good ?? `${part.from}, still open`}
                            {#if part.isCut}<Check size={15} aria-label="cut" />{/if}
                            {#if part.note}<br /><span class="soft"><Measure text={part.note} wraps /></span>{/if}
                        </p>
                    </li>
                {/each}
            </ul>
            <p class="soft">Inside, a panel to write on: <Measure text={inside} />.</p>
            <h2>Stuck on, base and envelope</h2>
            <ul class="parts">
                {#each stuck as part (part.id)}
                    <li class="loose">
                        <b>{part.name}</b>
                        {@render filling(part, part.options)}
                        {#if part.quantity !== null}
                            <span class="count">
                                <Button
                                    aria-label="One fewer of the {part.name}"
                                    disabled={part.quantity < 2}
                                    onclick={() => act('quantity', { part: part.id, more: -1 })}><Minus size={16} /></Button
                                >
                                <b>{part.quantity}</b>
                                <Button aria-label="One more of the {part.name}" onclick={() => act('quantity', { part: part.id, more: 1 })}
                                    ><Plus size={16} /></Button
                                >
                            </span>
                        {/if}
                    </li>
                {/each}
            </ul>
            {#if guides.length}
                <details>
                    <summary>Guides: measured from, not cut</summary>
                    {#each guides as guide (guide.id)}
                        <div class="measures"><b>{guide.name}</b> {@render measures(guide)}</div>
                    {/each}
                </details>
            {/if}
        </section>
        <section aria-labelledby="findings-title">
            <h2 id="findings-title">What a practised eye sees</h2>
            <Findings
                {findings}
                {muted}
                fault={sender.at.startsWith('waive') && errors['why'] ? { check: sender.at.slice(6), says: errors['why'] } : null}
                onrepair={(does, with_) => act(does, with_, `repair ${does}`)}
                onwave={(check, why) => act('waive', { check, why }, `waive ${check}`)}
                onmute={(check) => sender.send('mute', { check })}
            />
            <h2>The stack, from the side</h2>
            <Stack
                {stack}
                width={mm(front.size.width)}
                stuck={stuck.filter((part) => part.good && !['base', 'envelope', 'foam'].includes(part.id))}
            />
            <h2>Base and gluing</h2>
            <BlankDrawing part={build.blank} scale={1.1} />
            <ol class="steps">
                {#each build.steps as step (step)}<li><Measure text={step} wraps /></li>{/each}
            </ol>
            <p><b>Not glued:</b> <Measure text={build.open} wraps /></p>
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

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
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

    .choices {
        display: grid;
        gap: 0.5rem;
        margin-top: 0.5rem;
    }

    .choices label:not(.tick, .set) {
        display: grid;
        gap: 0.125rem;
        font-size: var(--small);
        font-weight: 600;
    }

    .choices select,
    textarea {
        width: 100%;
        font-size: var(--body);
        font-weight: 400;
    }

    .set select {
        width: auto;
    }

    .row,
    .prints,
    .count {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
    }

    .tick {
        display: inline-flex;
        align-items: center;
        gap: 0.5rem;
        min-height: var(--target);
    }

    .parts li {
        display: grid;
        grid-template-columns: 7.75rem 1fr;
        align-items: baseline;
        gap: 0.75rem;
        padding: 0.375rem 0 0.5rem;
        border-bottom: 1px solid var(--line);
    }

    .parts .loose {
        grid-template-columns: 7.75rem 1fr auto;
        align-items: center;
        padding: 0.25rem 0;
    }

    .parts select {
        width: 100%;
    }

    .measures {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem 0.625rem;
        padding-top: 0.375rem;
    }

    .size {
        font-size: 1.4rem;
        line-height: 1.2;
    }

    summary {
        min-height: var(--target);
        padding-top: 0.75rem;
        font-weight: 600;
        cursor: pointer;
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
            grid-template-columns: 22rem 1fr;
        }

        .place > :last-child {
            grid-column: 1 / -1;
        }
    }
</style>
