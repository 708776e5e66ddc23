<script lang="ts">
    import { Link, page } from '@inertiajs/svelte'
    import type { KitFrame } from '@/lib/types'

    /** The views of Unpack: look at it, count it, add to it, what the kit is. */
    const frame = $derived(page.props['frame'] as KitFrame)
    const views = [
        { path: 'unpack', label: 'Look' },
        { path: 'count', label: 'Count' },
        { path: 'add', label: 'Add lines' },
        { path: 'about', label: 'About the kit' },
    ]
    const isHere = (path: string): boolean => page.url.split('?')[0] === `${frame.url}/${path}`
</script>

<nav aria-label="Views of Unpack">
    {#each views as view (view.path)}
        <Link href="{frame.url}/{view.path}" aria-current={isHere(view.path) ? 'page' : undefined}>{view.label}</Link>
    {/each}
</nav>

<style>
    nav {
        display: flex;
        gap: 0.25rem;
        padding: 0 1.5rem;
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

    nav :global(a[aria-current]) {
        border-bottom-color: var(--here);
        color: var(--ink);
    }
</style>
