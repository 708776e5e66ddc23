<script lang="ts">
    import type { Snippet } from 'svelte'

    interface Props {
        name: string
        note?: string
        isPicked?: boolean
        onpick: () => void
        /** Its drawing. */
        children: Snippet
    }

    /** An arrangement among others, drawn small, to be chosen. */
    let { name, note = '', isPicked = false, onpick, children }: Props = $props()
</script>

<button type="button" aria-current={isPicked ? 'true' : undefined} onclick={onpick}>
    {@render children()}
    <b>{name}</b>
    {#if note}<span>{note}</span>{/if}
</button>

<style>
    button {
        display: grid;
        justify-items: center;
        align-content: start;
        gap: 0.25rem;
        width: 100%;
        height: 100%;
        padding: 0.375rem;
        border: 1px solid transparent;
        border-radius: var(--radius);
        background: none;
        color: var(--ink);
        font-size: var(--small);
        cursor: pointer;
    }

    button:hover {
        border-color: var(--line-strong);
    }

    button[aria-current] {
        border-color: var(--here);
        background: var(--here-soft);
    }

    b {
        font-weight: 600;
        line-height: 1.2;
    }

    span {
        color: var(--ink-soft);
    }
</style>
