<script lang="ts">
    import type { Snippet } from 'svelte'
    import type { HTMLButtonAttributes } from 'svelte/elements'

    /**
     * A button of at least 44 px, or with href a link that looks like one. Its key is printed on it. What it acts on is read out
     * after its text, if that is only visible.
     */
    let {
        main = false,
        key,
        also,
        href,
        download,
        children,
        ...rest
    }: {
        main?: boolean
        key?: string
        also?: string
        href?: string
        download?: boolean
        children: Snippet
    } & HTMLButtonAttributes = $props()
</script>

{#if href}
    <a class="button" class:main {href} {download}>{@render children()}</a>
{:else}
    <button type="button" class="button" class:main {...rest}>
        {@render children()}
        {#if also}<span class="sr-only">{also}</span>{/if}
        {#if key}<kbd aria-hidden="true">{key}</kbd>{/if}
    </button>
{/if}

<style>
    .button {
        display: inline-flex;
        align-items: center;
        gap: 0.5rem;
        min-height: var(--target);
        min-width: var(--target);
        padding: 0 1rem;
        border: 1px solid var(--line-strong);
        border-radius: var(--radius);
        background: var(--sheet);
        color: var(--ink);
        font-weight: 600;
        text-decoration: none;
        white-space: nowrap;
        cursor: pointer;
    }

    @media (width < 48rem) {
        .button {
            white-space: normal;
        }
    }

    /* On touch screens without a keyboard, no key is shown. */
    @media (hover: none) and (pointer: coarse) {
        kbd {
            display: none;
        }
    }

    .button:hover:not(:disabled) {
        border-color: var(--here);
    }

    .button[aria-pressed='true'] {
        border-color: var(--here);
        background: var(--here-soft);
    }

    .button.main {
        background: var(--here);
        border-color: var(--here);
        color: var(--on-here);
    }

    .button:disabled {
        color: var(--ink-soft);
        background: transparent;
        border-style: dashed;
        cursor: default;
    }

    kbd {
        padding: 0 0.35em;
        border: 1px solid currentcolor;
        border-radius: 3px;
        font: inherit;
        font-size: var(--small);
        font-weight: 500;
        opacity: 0.75;
    }
</style>
