<script lang="ts">
    import ArrowDown from '@lucide/svelte/icons/arrow-down'
    import ArrowUp from '@lucide/svelte/icons/arrow-up'
    import Trash2 from '@lucide/svelte/icons/trash-2'
    import Button from '@/parts/Button.svelte'
    import type { SketchDesk } from '@/lib/sketchDesk.svelte'
    import type { Choice, WrittenPart } from '@/lib/props'
    import Fault from './Fault.svelte'
    import Related from './Related.svelte'
    import Ruled from './Ruled.svelte'

    interface Props {
        desk: SketchDesk
        part: WrittenPart
        n: number
        roles: Choice[]
    }

    /** A part of the sketch as it is written: its name, what it is, how it lies, its form. */
    let { desk, part, n, roles }: Props = $props()

    const place = $derived(`parts.${n}`)
</script>

<li class:wrong={desk.isWrong(n)}>
    <div>
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
        <span class="acts">
            <Button aria-label="Move {part.name} towards the base" disabled={n === 0} onclick={() => desk.move(n, -1)}>
                <ArrowUp size={16} />
            </Button>
            <Button
                aria-label="Move {part.name} away from the base"
                disabled={n === desk.now.parts.length - 1}
                onclick={() => desk.move(n, 1)}
            >
                <ArrowDown size={16} />
            </Button>
            <Button aria-label="Take {part.name} out" onclick={() => desk.takeOut(n)}><Trash2 size={16} /></Button>
        </span>
        <Fault {desk} place="{place}.name" />
    </div>
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
</li>

<style>
    li {
        padding: 0.5rem 0.75rem;
        border-left: 3px solid var(--line);
        border-bottom: 1px solid var(--line);
    }

    .wrong {
        border-left-color: var(--madder);
    }

    div {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 0.75rem;
        padding: 0.1875rem 0;
    }

    .acts {
        display: inline-flex;
        gap: 0.25rem;
        margin-left: auto;
    }

    label {
        display: inline-flex;
        align-items: center;
        gap: 0.375rem;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    label input {
        color: var(--ink);
        font-size: var(--body);
    }
</style>
