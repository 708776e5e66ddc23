<script lang="ts">
    import { untrack } from 'svelte'
    import ArrangementDrawing from './ArrangementDrawing.svelte'
    import SpotRow from './SpotRow.svelte'
    import Fault from './Fault.svelte'
    import WritingPlace from './WritingPlace.svelte'
    import { ArrangementDesk } from './arrangementDesk.svelte'
    import { kit } from '@/lib/kit'
    import type { ArrangementEditPage } from '@/lib/props'

    let props: ArrangementEditPage = $props()

    const desk = untrack(() => new ArrangementDesk(props))
</script>

<WritingPlace {desk} id={props.id} what="an arrangement" back="{kit.frame.url}/arrangements">
    {#snippet drawing()}
        {#if desk.last.drawn}<ArrangementDrawing drawn={desk.last.drawn} side={300} />{/if}
    {/snippet}
    <div class="row">
        <label>
            Name
            <input bind:value={desk.now.name} oninput={desk.draw} size="26" aria-invalid={!!desk.faultAt('name')} />
        </label>
        <label>
            Family
            <select bind:value={desk.now.family} onchange={desk.draw}>
                {#each props.families as one (one)}<option>{one}</option>{/each}
            </select>
        </label>
        <label>
            Trimmings
            <select bind:value={desk.now.cluster} onchange={desk.draw}>
                {#each props.clusters as one (one)}<option>{one}</option>{/each}
            </select>
        </label>
        <Fault {desk} place="name" />
    </div>
    <p class="soft">
        List the places from the bottom up. A measure is a length such as 1/4 or 6 mm, or a share such as 1/3 of it. Each place is measured
        from the front, the panel, a place of the sketch or another piece.
    </p>
    <Fault {desk} place="spots" />
    <ul>
        {#each desk.now.spots as spot, n (spot)}<SpotRow {desk} {spot} {n} />{/each}
    </ul>
    <label class="row">
        Add a place for
        <select
            value=""
            onchange={(event) => {
                desk.add(event.currentTarget.value)
                event.currentTarget.value = ''
            }}
        >
            <option value="" disabled>choose</option>
            {#each desk.open as id (id)}<option value={id}>{desk.nameOf(id)}</option>{/each}
        </select>
    </label>
</WritingPlace>
