<script lang="ts">
    import Fault from './Fault.svelte'
    import Ruled from './Ruled.svelte'
    import WrittenRow from './WrittenRow.svelte'
    import type { ArrangementDesk } from './arrangementDesk.svelte'
    import type { WrittenSpot } from '@/lib/props'

    /** A place of the arrangement that is being written: what stands there, how it is measured and from what. */
    let { desk, spot, n }: { desk: ArrangementDesk; spot: WrittenSpot; n: number } = $props()

    const place = $derived(`spots.${n}`)
    const name = $derived(desk.nameOf(spot.id))
    const kinds = $derived(desk.page.kinds)
</script>

<WrittenRow {desk} {n} {place} {name}>
    {#snippet head()}
        <b>{name}</b>
        <select
            value={spot.kind}
            onchange={(event) => desk.choose(spot, kinds, event.currentTarget.value)}
            aria-label="{name}, how it lies"
        >
            {#each kinds as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
        </select>
        <select bind:value={spot.of} onchange={desk.draw} aria-label="{name}, measured from" aria-invalid={!!desk.faultAt(`${place}.of`)}>
            {#each desk.others(spot.id) as other (other)}<option value={other}>{desk.nameOf(other)}</option>{/each}
        </select>
        <Fault {desk} place="{place}.of" />
    {/snippet}
    <div>
        <Ruled {desk} ruled={spot} {kinds} {place} about={name} />
        <label
            >turned
            <input
                bind:value={spot.turn}
                oninput={desk.draw}
                size="3"
                inputmode="numeric"
                aria-label="{name}, turned by degrees"
                aria-invalid={!!desk.faultAt(`${place}.turn`)}
            />°</label
        >
        <label><input type="checkbox" bind:checked={spot.lifted} onchange={desk.draw} /> on foam</label>
        <label><input type="checkbox" bind:checked={spot.key} onchange={desk.draw} /> must be there</label>
        <Fault {desk} place="{place}.turn" />
        <Fault {desk} place="{place}.id" />
        <Fault {desk} place="{place}.stands" />
    </div>
</WrittenRow>
