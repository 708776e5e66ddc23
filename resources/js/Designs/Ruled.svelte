<script lang="ts">
    import type { Desk } from './desk.svelte'
    import type { RuleKind, WrittenRelation } from '@/lib/props'
    import Fault from './Fault.svelte'

    interface Props {
        desk: Desk
        ruled: Pick<WrittenRelation, 'kind' | 'options' | 'measures'>
        kinds: RuleKind[]
        place: string
        about: string
    }

    /** The options and measures of a kind of relation, form or place. */
    let { desk, ruled, kinds, place, about }: Props = $props()

    const kind = $derived(kinds.find((one) => one.key === ruled.kind))
</script>

{#each Object.entries(kind?.options ?? {}) as [name, values] (name)}
    <label>
        {name}
        {#if values === null || values.length}
            <select bind:value={ruled.options[name]} onchange={desk.draw} aria-label="{about}, {name}">
                {#each values ?? desk.others('') as value (value)}<option>{value}</option>{/each}
            </select>
        {:else}
            <input bind:value={ruled.options[name]} oninput={desk.draw} size="2" inputmode="numeric" aria-label="{about}, {name}" />
        {/if}
    </label>
    <Fault {desk} place="{place}.{name}" />
{/each}
{#each kind?.measures ?? [] as name (name)}
    <label>
        {name}
        <input
            bind:value={() => ruled.measures[name] ?? '', (text) => (ruled.measures[name] = text)}
            oninput={desk.draw}
            size="9"
            placeholder="0"
            aria-label="{about}, {name}"
            aria-invalid={!!desk.faultAt(`${place}.${name}`)}
        />
    </label>
    <Fault {desk} place="{place}.{name}" />
{/each}

<style>
    label {
        display: inline-flex;
        align-items: center;
        gap: 0.375rem;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    input,
    select {
        color: var(--ink);
        font-size: var(--body);
    }
</style>
