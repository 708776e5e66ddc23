<script lang="ts">
    import Check from '@lucide/svelte/icons/check'
    import type { CardActs } from './cardActs'
    import type { SketchedPart, StuckPart } from '@/lib/props'

    /** What a part is taken from, and what else could fill it. Cut pieces stay. */
    let { part, acts }: { part: SketchedPart | StuckPart; acts: CardActs } = $props()

    const fault = $derived(acts.faultAt(`fill ${part.id}`, 'part'))
    const isOffered = $derived(part.options.some((option) => option.key === part.filling))
</script>

{#if part.isCut}
    <span>{part.good} <Check size={15} aria-label="cut" /></span>
{:else}
    <select
        aria-label="What the {part.name} is taken from"
        value={part.filling}
        onchange={(event) => acts.fill(part.id, event.currentTarget.value)}
    >
        {#if !isOffered}<option value={part.filling}>{part.good ?? 'still open'}</option>{/if}
        {#each part.options as option (option.key)}<option value={option.key}>{option.label}</option>{/each}
    </select>
{/if}
{#if fault}<p class="fault" role="alert">{fault}</p>{/if}

<style>
    select {
        width: 100%;
    }
</style>
