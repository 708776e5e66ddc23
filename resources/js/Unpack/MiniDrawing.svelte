<script lang="ts">
    import Silhouette from '@/parts/Silhouette.svelte'
    import { surfaceFill } from '@/lib/surfaces'
    import type { Good } from '@/lib/props'

    /** A small drawing of what a line was understood as: the faces of a paper, the outline of a picture, or its colour. */
    let { good }: { good: Good | undefined } = $props()

    const SIDE = 18
</script>

<span class="drawing" aria-hidden="true">
    {#if good?.faces.length}
        {#each good.faces.slice(0, 2) as face, i (i)}
            <svg viewBox="0 0 {SIDE} {SIDE}"
                ><title>{face.name}</title><rect width={SIDE} height={SIDE} fill={surfaceFill(good.id, i)} /></svg
            >
        {/each}
    {:else if good?.shape}
        <svg viewBox="0 0 {SIDE} {SIDE}"><Silhouette {good} width={SIDE} height={SIDE} wordless /></svg>
    {:else if good?.colours.length}
        <svg viewBox="0 0 {SIDE} {SIDE}"><circle cx={SIDE / 2} cy={SIDE / 2} r={SIDE / 3} fill={good.colours[0]} /></svg>
    {/if}
</span>

<style>
    .drawing {
        display: flex;
        flex: 0 0 5rem;
        gap: 0.25rem;
    }

    svg {
        width: 2.375rem;
        height: 2.375rem;
        border-radius: 2px;
    }

    rect {
        stroke: var(--paper-edge);
        stroke-width: 0.5;
    }
</style>
