<script lang="ts">
    import Fault from './Fault.svelte'
    import Ruled from './Ruled.svelte'
    import type { SketchDesk } from './sketchDesk.svelte'
    import type { WrittenRelation } from '@/lib/props'

    interface Props {
        desk: SketchDesk
        relation: WrittenRelation
        place: string
        about: string
        /** The id of the part itself, which is not measured from itself. */
        own?: string
    }

    /** How a part or a place lies on another. */
    let { desk, relation, place, about, own = '' }: Props = $props()
</script>

<select
    value={relation.kind}
    onchange={(event) => desk.choose(relation, desk.relations, event.currentTarget.value)}
    aria-label="{about}, how it lies"
>
    {#each desk.relations as kind (kind.key)}<option value={kind.key}>{kind.label}</option>{/each}
</select>
<Fault {desk} place="{place}.kind" />
<select bind:value={relation.of} onchange={desk.draw} aria-label="{about}, measured from" aria-invalid={!!desk.faultAt(`${place}.of`)}>
    {#each desk.others(own) as other (other)}<option>{other}</option>{/each}
</select>
<Fault {desk} place="{place}.of" />
<Ruled {desk} ruled={relation} kinds={desk.relations} {place} {about} />
