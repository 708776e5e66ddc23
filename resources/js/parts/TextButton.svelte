<script lang="ts">
    import type { Snippet } from 'svelte'
    import type { HTMLButtonAttributes } from 'svelte/elements'

    /** A button within text. It looks like a link and is as large as a finger. */
    let { children, ...rest }: { children: Snippet } & HTMLButtonAttributes = $props()
</script>

<button type="button" {...rest}>{@render children()}</button>

<style>
    button {
        min-width: var(--target);
        min-height: var(--target);
        padding: 0 0.5rem;
        border: 0;
        background: none;
        color: var(--here);
        text-decoration: underline;
        cursor: pointer;
    }
</style>
