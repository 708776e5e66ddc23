<script lang="ts">
    import Fault from './Fault.svelte'
    import Ruled from './Ruled.svelte'
    import WrittenRow from './WrittenRow.svelte'
    import type { SketchDesk } from './sketchDesk.svelte'
    import type { Choice, WrittenPart } from '@/lib/props'
    import Related from './Related.svelte'

    interface Props {
        desk: SketchDesk
        part: WrittenPart
        n: number
        roles: Choice[]
    }

    /** A part of the sketch that is being written: its name, what it is, how it lies, its form. */
    let { desk, part, n, roles }: Props = $props()

    const place = $derived(`parts.${n}`)
</script>

<WrittenRow {desk} {n} {place} name={part.name}>
    {#snippet head()}
        <input
            value={part.name}
            onchange={(event) => desk.rename(part, event.currentTarget.value)}
            size="14"
            aria-label="Name of part {n + 1}"
            aria-invalid={!!desk.faultAt(`${place}.name`)}
        />
        <select bind:value={part.role} onchange={desk.draw} aria-label="{part.name}, what it is">
            {#each roles as role (role.key)}<option value={role.key}>{role.label}</option>{/each}
        </select>
        <Fault {desk} place="{place}.name" />
    {/snippet}
    <div><Related {desk} relation={part.relation} {place} about={part.name} own={part.id} /></div>
    {#if part.role !== 'guide'}
        <div>
            <select
                value={part.form.kind}
                onchange={(event) => desk.choose(part.form, desk.forms, event.currentTarget.value)}
                aria-label="{part.name}, its form"
            >
                {#each desk.forms as form (form.key)}<option value={form.key}>{form.label}</option>{/each}
            </select>
            <Ruled {desk} ruled={part.form} kinds={desk.forms} {place} about={part.name} />
            <label>
                layers of foam
                <input bind:value={part.foam} oninput={desk.draw} size="1" inputmode="numeric" aria-label="{part.name}, layers of foam" />
            </label>
            <Fault {desk} place="{place}.foam" />
        </div>
    {/if}
</WrittenRow>
