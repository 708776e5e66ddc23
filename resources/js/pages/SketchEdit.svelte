<script lang="ts">
    import { page, router } from '@inertiajs/svelte'
    import ArrowDown from '@lucide/svelte/icons/arrow-down'
    import ArrowUp from '@lucide/svelte/icons/arrow-up'
    import Trash2 from '@lucide/svelte/icons/trash-2'
    import { tick, untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import FrontPicker, { type FrontQuery } from '@/parts/FrontPicker.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SketchDrawing from '@/parts/SketchDrawing.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import type { KitFrame, RuleKind, SketchEditPage, WrittenPart, WrittenRelation, WrittenSketch } from '@/lib/props'

    interface Ruled {
        kind: string
        options: Record<string, string>
        measures: Record<string, string>
    }

    let { id, written, drawing, roles, clusters, relations, forms }: SketchEditPage = $props()

    const frame = $derived(page.props['frame'] as KitFrame)
    const refused = $derived(page.props.errors as Record<string, string>)
    // Empty records come from PHP as empty lists.
    const plain = (text: string): WrittenSketch =>
        JSON.parse(text.replaceAll('"options":[]', '"options":{}').replaceAll('"measures":[]', '"measures":{}'))
    let now = $state(untrack(() => plain(JSON.stringify(written))))
    let front = $state.raw(untrack(() => drawing.front))
    let asking: FrontQuery | null = null
    let faults = $state.raw(untrack(() => drawing.faults))
    /** The last drawing that could be made stays while what is written cannot be laid. */
    let last = $state.raw(untrack(() => drawing.drawn))
    let rows: HTMLElement | undefined = $state()

    const faultAt = (place: string): string | undefined => faults[place] ?? refused[`sketch.${place}`] ?? refused[place]

    let wait: ReturnType<typeof setTimeout>
    let asked = 0
    function draw(): void {
        clearTimeout(wait)
        wait = setTimeout(async () => {
            const mine = ++asked
            const answer = await fetch(`${frame.url}/sketches/draw`, {
                method: 'POST',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
                body: JSON.stringify({ sketch: now, ...asking }),
            })
            if (!answer.ok || mine !== asked) return
            const drawn = (await answer.json()) as SketchDrawing
            faults = drawn.faults
            front = drawn.front
            last = drawn.drawn ?? last
        }, 150)
    }

    function pick(query: FrontQuery): void {
        asking = query
        draw()
    }

    /** A part is known by its name in plain letters; what is measured from it follows when it is renamed. */
    function rename(part: WrittenPart, name: string): void {
        const old = part.id
        part.name = name
        part.id = slug(name) || part.id
        for (const one of [...now.parts.map((each) => each.relation), now.focal, now.sentiment]) {
            if (one.of === old) one.of = part.id
            if (one.options['and'] === old) one.options['and'] = part.id
        }
        draw()
    }

    const slug = (name: string): string =>
        name
            .normalize('NFD')
            .toLowerCase()
            .replace(/[^a-z0-9]+/g, '-')
            .replace(/^-|-$/g, '')
            .slice(0, 40)

    async function add(): Promise<void> {
        let n = now.parts.length + 1
        while (now.parts.some((part) => part.id === `part-${n}`)) n++
        const under = now.parts.at(-1)?.id ?? 'front'
        now.parts.push({
            id: `part-${n}`,
            name: `part ${n}`,
            role: 'field',
            foam: 0,
            relation: { kind: 'inset', of: under, options: {}, measures: { reveal: frame.unit === 'in' ? '1/8' : '3' } },
            form: { kind: 'plain', options: {}, measures: {} },
        })
        draw()
        await tick()
        rows?.querySelector<HTMLInputElement>('li:last-child input')?.select()
    }

    function move(at: number, step: number): void {
        const [part] = now.parts.splice(at, 1)
        if (part) now.parts.splice(at + step, 0, part)
        draw()
    }

    function choose(ruled: Ruled, kinds: RuleKind[], kind: string): void {
        ruled.kind = kind
        const rule = kinds.find((one) => one.key === kind)
        for (const [name, values] of Object.entries(rule?.options ?? {})) ruled.options[name] ??= values?.[0] ?? (values ? '1' : 'front')
        draw()
    }

    function keep(): void {
        router.post(
            `${frame.url}/sketches${id === null ? '' : `/${id}`}`,
            { sketch: JSON.parse(JSON.stringify(now)), revision: frame.revision },
            { preserveState: true },
        )
    }

    const kindOf = (kinds: RuleKind[], key: string): RuleKind | undefined => kinds.find((kind) => kind.key === key)
    const others = (id_: string): string[] => ['front', ...now.parts.map((part) => part.id).filter((one) => one !== id_)]

    useKeys(() => [
        { key: 'a', shown: 'A', says: 'Add a part', run: () => void add() },
        { key: 'k', shown: 'K', says: 'Keep the sketch', run: keep },
        {
            key: 'l',
            shown: 'L',
            says: 'Upright or lying',
            run: () => pick({ front: front.key, width: front.width, height: front.height, lying: front.isLying ? 0 : 1 }),
        },
    ])
</script>

{#snippet fault(place: string)}
    {#if faultAt(place)}<span class="fault" role="alert">{faultAt(place)}</span>{/if}
{/snippet}

{#snippet ruled(one: Ruled, kinds: RuleKind[], place: string, about: string)}
    {#each Object.entries(kindOf(kinds, one.kind)?.options ?? {}) as [name, values] (name)}
        <label
            >{name}
            {#if values === null}
                <select bind:value={one.options[name]} onchange={draw} aria-label="{about}, {name}">
                    {#each others('') as other (other)}<option>{other}</option>{/each}
                </select>
            {:else if values.length}
                <select bind:value={one.options[name]} onchange={draw} aria-label="{about}, {name}">
                    {#each values as value (value)}<option>{value}</option>{/each}
                </select>
            {:else}
                <input bind:value={one.options[name]} oninput={draw} size="2" inputmode="numeric" aria-label="{about}, {name}" />
            {/if}
        </label>
        {@render fault(`${place}.${name}`)}
    {/each}
    {#each kindOf(kinds, one.kind)?.measures ?? [] as name (name)}
        <label
            >{name}
            <input
                bind:value={() => one.measures[name] ?? '', (text) => (one.measures[name] = text)}
                oninput={draw}
                size="9"
                placeholder="0"
                aria-label="{about}, {name}"
                aria-invalid={!!faultAt(`${place}.${name}`)}
            />
        </label>
        {@render fault(`${place}.${name}`)}
    {/each}
{/snippet}

{#snippet related(one: WrittenRelation, place: string, about: string, own: string)}
    <select value={one.kind} onchange={(event) => choose(one, relations, event.currentTarget.value)} aria-label="{about}, how it lies">
        {#each relations as kind (kind.key)}<option value={kind.key}>{kind.label}</option>{/each}
    </select>
    {@render fault(`${place}.kind`)}
    <select bind:value={one.of} onchange={draw} aria-label="{about}, measured from" aria-invalid={!!faultAt(`${place}.of`)}>
        {#each others(own) as other (other)}<option>{other}</option>{/each}
    </select>
    {@render fault(`${place}.of`)}
    {@render ruled(one, relations, place, about)}
{/snippet}

<Frame title="Write a sketch">
    <div class="place">
        <section aria-labelledby="write-title">
            <h1 id="write-title">{id === null ? 'Write a sketch' : 'Change a sketch'}</h1>
            <div class="row">
                <label>Name <input bind:value={now.name} oninput={draw} size="24" aria-invalid={!!faultAt('name')} /></label>
                <label
                    >Minutes <input
                        bind:value={now.minutes}
                        oninput={draw}
                        size="3"
                        inputmode="numeric"
                        aria-invalid={!!faultAt('minutes')}
                    /></label
                >
                <label
                    >Embellishments
                    <select bind:value={now.cluster} onchange={draw}
                        >{#each clusters as one (one)}<option>{one}</option>{/each}</select
                    ></label
                >
                {@render fault('name')}{@render fault('minutes')}
            </div>
            <p class="soft">
                From the base up. A measure is a length such as 1/8 or 3 mm, a length for either ruler such as 1/8 in; 3 mm, or a share such
                as 5/8 of it.
            </p>
            {@render fault('parts')}
            <ul bind:this={rows}>
                {#each now.parts as part, n (part)}
                    <li class:wrong={Object.keys(faults).some((place) => place.startsWith(`parts.${n}.`))}>
                        <div class="row">
                            <input
                                value={part.name}
                                onchange={(event) => rename(part, event.currentTarget.value)}
                                size="14"
                                aria-label="Name of part {n + 1}"
                                aria-invalid={!!faultAt(`parts.${n}.name`)}
                            />
                            <select bind:value={part.role} onchange={draw} aria-label="{part.name}, what it is">
                                {#each roles as role (role.key)}<option value={role.key}>{role.label}</option>{/each}
                            </select>
                            <span class="acts">
                                <Button aria-label="Move {part.name} towards the base" disabled={n === 0} onclick={() => move(n, -1)}
                                    ><ArrowUp size={16} /></Button
                                >
                                <Button
                                    aria-label="Move {part.name} away from the base"
                                    disabled={n === now.parts.length - 1}
                                    onclick={() => move(n, 1)}><ArrowDown size={16} /></Button
                                >
                                <Button aria-label="Take {part.name} out" onclick={() => (now.parts.splice(n, 1), draw())}
                                    ><Trash2 size={16} /></Button
                                >
                            </span>
                            {@render fault(`parts.${n}.name`)}
                        </div>
                        <div class="row">{@render related(part.relation, `parts.${n}`, part.name, part.id)}</div>
                        {#if part.role !== 'guide'}
                            <div class="row">
                                <select
                                    value={part.form.kind}
                                    onchange={(event) => choose(part.form, forms, event.currentTarget.value)}
                                    aria-label="{part.name}, its form"
                                >
                                    {#each forms as form (form.key)}<option value={form.key}>{form.label}</option>{/each}
                                </select>
                                {@render ruled(part.form, forms, `parts.${n}`, part.name)}
                                <label
                                    >layers of foam <input
                                        bind:value={part.foam}
                                        oninput={draw}
                                        size="1"
                                        inputmode="numeric"
                                        aria-label="{part.name}, layers of foam"
                                    /></label
                                >
                                {@render fault(`parts.${n}.foam`)}
                            </div>
                        {/if}
                    </li>
                {/each}
            </ul>
            <Button key="A" onclick={add}>Add a part</Button>
            <h2>Places</h2>
            <div class="row"><b>focal point</b> {@render related(now.focal, 'focal', 'focal point', '')}</div>
            <div class="row"><b>sentiment</b> {@render related(now.sentiment, 'sentiment', 'sentiment', '')}</div>
        </section>
        <aside aria-label="The sketch on a front">
            <div class="row">
                <Button main key="K" onclick={keep}>Keep the sketch</Button>
                <Button href="{frame.url}/sketches">Leave it</Button>
            </div>
            <div class="row">
                <FrontPicker {front} onpick={pick} />
            </div>
            {#if last}<SketchDrawing drawn={last} side={300} />{/if}
            {#if Object.keys(faults).length}<p class="fault" role="status">This is the last drawing that could be made.</p>{/if}
            <ol>
                {#each last?.lines ?? [] as line (line.name)}
                    <li><b class="size"><Measure text={line.size} /></b> {line.name} <small>{line.shown} % shows</small></li>
                {/each}
            </ol>
        </aside>
    </div>
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: 1fr 21rem;
        gap: 2rem;
        padding: 1rem 1.5rem 2rem;
    }

    h1 {
        margin-bottom: 0.75rem;
    }

    h2 {
        margin: 1.5rem 0 0.5rem;
    }

    .row {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 0.75rem;
        padding: 0.1875rem 0;
    }

    label {
        display: inline-flex;
        align-items: center;
        gap: 0.375rem;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    label :is(input, select) {
        color: var(--ink);
        font-size: var(--body);
    }

    .soft,
    small {
        color: var(--ink-soft);
    }

    ul,
    ol {
        margin: 0.5rem 0;
        padding: 0;
        list-style: none;
    }

    ul li {
        padding: 0.5rem 0.75rem;
        border-left: 3px solid var(--line);
        border-bottom: 1px solid var(--line);
    }

    .wrong {
        border-left-color: var(--madder);
    }

    .acts {
        display: inline-flex;
        gap: 0.25rem;
        margin-left: auto;
    }

    .fault {
        flex-basis: 100%;
    }

    aside {
        position: sticky;
        top: 0;
        display: grid;
        align-content: start;
        gap: 0.75rem;
        max-height: calc(100vh - 8rem);
        overflow: auto;
    }

    .size {
        font-size: var(--large);
    }

    @media (width < 1000px) {
        .place {
            grid-template-columns: 1fr;
        }

        aside {
            position: static;
        }
    }
</style>
