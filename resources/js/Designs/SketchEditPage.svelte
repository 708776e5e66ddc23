<script lang="ts">
    import { tick, untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Measure from '@/parts/Measure.svelte'
    import PartRow from './PartRow.svelte'
    import Related from './Related.svelte'
    import SketchDrawing from '@/parts/SketchDrawing.svelte'
    import Fault from './Fault.svelte'
    import WritingPlace from './WritingPlace.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { kit } from '@/lib/kit'
    import { SketchDesk } from './sketchDesk.svelte'
    import type { SketchEditPage } from '@/lib/props'

    let props: SketchEditPage = $props()

    const desk = untrack(() => new SketchDesk(props))
    let rows: HTMLElement | undefined = $state()

    async function add(): Promise<void> {
        desk.add()
        await tick()
        rows?.querySelector<HTMLInputElement>('li:last-child input')?.select()
    }

    useKeys(() => [{ key: 'a', shown: 'A', says: 'Add a part', run: () => void add() }])
</script>

<WritingPlace {desk} id={props.id} what="a sketch" back="{kit.frame.url}/sketches">
    {#snippet drawing()}
        {#if desk.last.drawn}<SketchDrawing drawn={desk.last.drawn} side={300} />{/if}
    {/snippet}
    {#snippet below()}
        <ol>
            {#each desk.last.lines as line (line.name)}
                <li><b class="size"><Measure text={line.size} /></b> {line.name} <small>{line.shown} % stays visible</small></li>
            {/each}
        </ol>
    {/snippet}
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
        List the parts from the base up. A measure is a length such as 1/8 or 3 mm, or a share such as 5/8 of it. For either ruler write
        both: 1/8 in; 3 mm. A measure may change where paper is short. Say by how many marks of the ruler, smallest first: 1 in, gives -2 to
        4.
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
</WritingPlace>

<style>
    h2 {
        margin: 1.5rem 0 0.5rem;
    }

    small {
        color: var(--ink-soft);
    }

    ol {
        margin: 0.5rem 0;
        padding: 0;
        list-style: none;
    }

    .size {
        font-size: var(--large);
    }
</style>
