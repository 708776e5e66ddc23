<script lang="ts">
    import { Link, page } from '@inertiajs/svelte'
    import type { KitFrame } from '@/lib/props'

    /** The views of a place, such as Unpack: look at it, count it, add to it. */
    let { name, views }: { name: string; views: { path: string; label: string }[] } = $props()

    const frame = $derived(page.props['frame'] as KitFrame)
    const isHere = (path: string): boolean => page.url.split('?')[0] === `${frame.url}/${path}`
</script>

<nav aria-label="Views of {name}">
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
