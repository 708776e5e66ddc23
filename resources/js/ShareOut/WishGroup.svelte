<script lang="ts">
    import type { Snippet } from 'svelte'

    /** One question about new cards. Below it stands how the answer changes the possible number of cards. */
    let { title, effect = '', children }: { title: string; effect?: string; children: Snippet } = $props()
</script>

<section aria-label={title}>
    <h3>{title}</h3>
    {@render children()}
    {#if effect}<p class="effect" role="status">{effect}</p>{/if}
</section>

<style>
    section {
        display: grid;
        justify-items: start;
        gap: 0.375rem;
        padding: 0.625rem 0;
        border-top: 1px solid var(--line);
    }

    h3 {
        margin: 0;
        font-size: var(--small);
        font-weight: 650;
    }

    .effect {
        margin: 0;
        padding: 0.25rem 0.5rem;
        border-left: 3px solid var(--here);
        color: var(--ink-soft);
    }
</style>
