<script lang="ts">
    import type { Snippet } from 'svelte'

    interface Props {
        /** The name of the side, for a screen reader. */
        about: string
        aside: Snippet
        children: Snippet
        width?: string
        /** Without room beside it, it stands above. */
        isFirst?: boolean
    }

    /** A page with a drawing beside it that stays in sight. */
    let { about, aside, children, width = '21rem', isFirst = false }: Props = $props()
</script>

<div style:--width={width}>
    {@render children()}
    <aside aria-label={about} class:first={isFirst}>{@render aside()}</aside>
</div>

<style>
    div {
        display: grid;
        grid-template-columns: minmax(0, 1fr) var(--width);
        gap: 2rem;
        padding: 1rem 1.5rem 2rem;
    }

    aside {
        position: sticky;
        top: 0;
        display: grid;
        align-content: start;
        gap: 0.75rem;
        max-height: calc(100vh - 8rem);
        overflow: auto;
    }

    @media (width < 1000px) {
        div {
            grid-template-columns: minmax(0, 1fr);
            padding-inline: 1rem;
        }

        aside {
            position: static;
            max-height: none;
        }

        .first {
            grid-row: 1;
        }
    }
</style>
