<script lang="ts">
    import CardFront from '@/parts/CardFront.svelte'
    import type { Front, Goods } from '@/lib/props'

    /** The cards of a recipe, each with its number and its sketch. */
    let { fronts, goods }: { fronts: Front[]; goods: Goods } = $props()
</script>

<ol>
    {#each fronts as front (front.number)}
        <li>
            <CardFront {front} {goods} side={118} />
            <span><b>{front.number}</b> {front.sketch}</span>
        </li>
    {/each}
</ol>

<style>
    ol {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(8.5rem, 1fr));
        gap: 1rem 0.75rem;
        margin: 0.75rem 0 1.5rem;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        align-content: end;
        gap: 0.375rem;
        font-size: var(--small);
    }
</style>
