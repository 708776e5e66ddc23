<script lang="ts">
    import Frame from '@/parts/Frame.svelte'
    import type { WritingPage } from '@/lib/props'

    /** The document about how to write a list. */
    let { html }: WritingPage = $props()
</script>

<Frame title="How to write a list">
    <article>
        <!-- eslint-disable-next-line svelte/no-at-html-tags -- a document of our own, and no HTML of it is let through -->
        {@html html}
    </article>
</Frame>

<style>
    article {
        max-width: 64rem;
        margin: 0 auto;
        padding-block: 1.5rem;
    }

    article :global(h1) {
        margin-bottom: 0.75rem;
    }

    article :global(h2) {
        margin: 1.5rem 0 0.5rem;
    }

    article :global(li) {
        margin-bottom: 0.25rem;
    }

    article :global(table) {
        width: 100%;
        border-collapse: collapse;
        background: var(--sheet);
    }

    article :global(:is(th, td)) {
        width: 50%;
        padding: 0.5rem 0.75rem;
        border: 1px solid var(--line);
        text-align: left;
        vertical-align: top;
        overflow-wrap: anywhere;
    }

    article :global(code) {
        font-family: inherit;
        font-weight: 600;
    }
</style>
