<script lang="ts">
    import X from '@lucide/svelte/icons/x'
    import type { CardActs } from './cardActs'
    import type { SketchedPart } from '@/lib/props'

    /** What is done to a part before it is glued: treatments one after the other, each with its tool. */
    let { part, acts }: { part: SketchedPart; acts: CardActs } = $props()

    const place = $derived(`treat ${part.id}`)
    const fault = $derived(acts.faultAt(place, 'treatment'))

    function choose(event: Event & { currentTarget: HTMLSelectElement }): void {
        const [treatment = '', tool = '', option = ''] = event.currentTarget.value.split('/')
        event.currentTarget.value = ''
        if (treatment) acts.act('treat', { part: part.id, treatment, tool, option, isOn: 1 }, place)
    }
</script>

<div class="treated">
    {#each part.treated as one (one.treatment)}
        <button
            type="button"
            aria-label="{part.name}: not {one.says}"
            onclick={() => acts.act('treat', { part: part.id, treatment: one.treatment, isOn: 0 }, place)}
        >
            {one.says}
            <X size={15} aria-hidden="true" />
        </button>
    {/each}
    <select aria-label="What is done to the {part.name}" onchange={choose} aria-invalid={!!fault}>
        <option value="">{part.treated.length ? 'and …' : 'left as it is'}</option>
        {#each part.treatments as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
    </select>
    {#if fault}<span role="alert">{fault}</span>{/if}
</div>

<style>
    .treated {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
        align-items: center;
        padding-top: 0.375rem;
    }

    button,
    select {
        min-height: var(--target);
        border: 1px solid var(--line-strong);
        border-radius: var(--radius);
        background: var(--sheet);
        color: var(--ink);
        font: inherit;
    }

    button {
        display: inline-flex;
        align-items: center;
        gap: 0.375rem;
        padding: 0 0.625rem;
        border-color: var(--here);
        background: var(--here-soft);
        cursor: pointer;
    }

    select {
        max-width: 14rem;
        padding: 0 0.5rem;
    }

    span {
        color: var(--madder);
    }
</style>
