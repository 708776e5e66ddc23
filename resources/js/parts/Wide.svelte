<script lang="ts">
    import type { Snippet } from 'svelte'

    /** What may be wider than the page scrolls by itself, and can then be reached with Tab. */
    let { about, children }: { about: string; children: Snippet } = $props()

    let width = $state(0)
    let region = $state<HTMLElement>()
    const isWider = $derived(width > 0 && (region?.scrollWidth ?? 0) > width)
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div bind:this={region} bind:clientWidth={width} role="region" aria-label={about} tabindex={isWider ? 0 : undefined}>
    {@render children()}
</div>

<style>
    div {
        position: relative;
        overflow-x: auto;
    }
</style>
