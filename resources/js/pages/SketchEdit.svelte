<script lang="ts">
    import { tick, untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import FrontPicker from '@/parts/FrontPicker.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import Fault from '@/parts/sketch/Fault.svelte'
    import PartRow from '@/parts/sketch/PartRow.svelte'
    import Related from '@/parts/sketch/Related.svelte'
    import SketchDrawing from '@/parts/sketch/SketchDrawing.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import { SketchDesk } from '@/lib/sketchDesk.svelte'
    import type { SketchEditPage } from '@/lib/props'

    let props: SketchEditPage = $props()

    const desk = untrack(() => new SketchDesk(props, props.relations, props.forms))
    const front = $derived(desk.front)
    let rows: HTMLElement | undefined = $state()

    async function add(): Promise<void> {
        desk.add()
        await tick()
        rows?.querySelector<HTMLInputElement>('li:last-child input')?.select()
    }

    function keep(): void {
        const path = props.id === null ? 'sketches' : `sketches/${props.id}`
        sender.send(path, () => ({ sketch: JSON.parse(JSON.stringify(desk.now)) }))
    }

    useKeys(() => [
        { key: 'a', shown: 'A', says: 'Add a part', run: () => void add() },
        { key: 'k', shown: 'K', says: 'Keep the sketch', run: keep },
        {
            key: 'l',
            shown: 'L',
            says: 'Upright or lying',
            run: () => desk.pick({ front: front.key, width: front.width, height: front.height, lying: front.isLying ? 0 : 1 }),
        },
    ])
</script>

<Frame title="Write a sketch">
    <div class="place">
        <section aria-labelledby="write-title">
            <h1 id="write-title">{props.id === null ? 'Write a sketch' : 'Change a sketch'}</h1>
            <div class="row">
                <label>
                    Name
                    <input bind:value={desk.now.name} oninput={desk.draw} size="24" aria-invalid={!!desk.faultAt('name')} />
                </label>
                <label>
                    Minutes
                    <input
                        bind:value={desk.now.minutes}
                        oninput={desk.draw}
                        size="3"
                        inputmode="numeric"
                        aria-invalid={!!desk.faultAt('minutes')}
                    />
                </label>
                <label>
                    Embellishments
                    <select bind:value={desk.now.cluster} onchange={desk.draw}>
                        {#each props.clusters as one (one)}<option>{one}</option>{/each}
                    </select>
                </label>
                <Fault {desk} place="name" /><Fault {desk} place="minutes" />
            </div>
            <p class="soft">
                From the base up. A measure is a length such as 1/8 or 3 mm, a length for either ruler such as 1/8 in; 3 mm, or a share such
                as 5/8 of it. One that may give where paper is short says by how many marks of the ruler, the leanest first: 1 in, gives -2
                to 4.
            </p>
            <Fault {desk} place="parts" />
            <ul bind:this={rows}>
                {#each desk.now.parts as part, n (part)}
                    <PartRow {desk} {part} {n} roles={props.roles} />
                {/each}
            </ul>
            <Button key="A" onclick={add}>Add a part</Button>
            <h2>Places</h2>
            <div class="row">
                <b>focal point</b>
                <Related {desk} relation={desk.now.focal} place="focal" about="focal point" />
            </div>
            <div class="row">
                <b>sentiment</b>
                <Related {desk} relation={desk.now.sentiment} place="sentiment" about="sentiment" />
            </div>
        </section>
        <aside aria-label="The sketch on a front">
            <div class="row">
                <Button main key="K" onclick={keep}>Keep the sketch</Button>
                <Button href="{kit.frame.url}/sketches">Leave it</Button>
            </div>
            <div class="row">
                <FrontPicker {front} onpick={(query) => desk.pick(query)} />
            </div>
            {#if desk.last.drawn}<SketchDrawing drawn={desk.last.drawn} side={300} />{/if}
            {#if Object.keys(desk.faults).length}<p class="fault" role="status">This is the last drawing that could be made.</p>{/if}
            <ol>
                {#each desk.last.lines as line (line.name)}
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

    small {
        color: var(--ink-soft);
    }

    ul,
    ol {
        margin: 0.5rem 0;
        padding: 0;
        list-style: none;
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
