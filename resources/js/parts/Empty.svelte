<script lang="ts">
    import type { Snippet } from 'svelte'

    /** A place with nothing on it yet, and what to do next. */
    let { title, children }: { title: string; children: Snippet } = $props()
</script>

<section>
    <h1>{title}</h1>
    {@render children()}
</section>

<style>
    section {
        display: grid;
        justify-items: start;
        gap: var(--gap);
        max-width: 34rem;
        margin: 4rem auto;
        padding: 2rem;
        background: var(--sheet);
        border: 1px dashed var(--line-strong);
        border-radius: var(--radius);
    }
</style>
