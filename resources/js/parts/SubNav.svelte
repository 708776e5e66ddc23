<script lang="ts">
    import { Link, page } from '@inertiajs/svelte'
    import { kit } from '@/lib/kit'
    import type { StageInFrame } from '@/lib/props'

    /** The pages of a stage, such as Unpack: view it, count it, add to it. */
    let { stage }: { stage: StageInFrame } = $props()

    const isHere = (path: string): boolean => page.url.split('?')[0] === `${kit.frame.url}/${path}`
</script>

<nav aria-label="Views of {stage.label}">
    {#each stage.pages as one (one.path)}
        <Link href="{kit.frame.url}/{one.path}" aria-current={isHere(one.path) ? 'page' : undefined}>{one.label}</Link>
    {/each}
</nav>

<style>
    nav {
        display: flex;
        flex: none;
        gap: 0.25rem;
        overflow: auto hidden;
        padding: 0 1.5rem;
        white-space: nowrap;
        scrollbar-width: none;
        border-bottom: 1px solid var(--line);
        background: var(--rail);
    }

    nav :global(a) {
        display: grid;
        place-items: center;
        min-height: var(--target);
        padding: 0 1rem;
        border-bottom: 3px solid transparent;
        color: var(--ink-soft);
        font-weight: 600;
        text-decoration: none;
    }

    @media print {
        nav {
            display: none;
        }
    }

    nav :global(a[aria-current]) {
        border-bottom-color: var(--here);
        color: var(--ink);
    }
</style>
