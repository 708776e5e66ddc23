<script lang="ts">
    import Measure from '@/parts/Measure.svelte'
    import TextButton from '@/parts/TextButton.svelte'
    import { sender } from '@/lib/send.svelte'
    import { surfaceFill } from '@/lib/surfaces'
    import type { Goods, LeftCount, MiddleLine, SpareLine } from '@/lib/props'

    interface Props {
        spares: SpareLine[]
        middles: MiddleLine[]
        counts: LeftCount[]
        goods: Goods
        act: (path: string, data?: Record<string, string>) => void
    }

    /** What could be had beside the scraps and its cost, and what is left of everything that is counted. */
    let { spares, middles, counts, goods, act }: Props = $props()
</script>

{#snippet swatch(component: string)}
    <svg width="34" height="34" viewBox="0 0 34 34" aria-hidden="true"
        ><rect class="edge" width="34" height="34" fill={surfaceFill(component, 0)} /></svg
    >
{/snippet}

{#if spares.length}
    <h3>No card needs these as they are</h3>
    <ul>
        {#each spares as spare (spare.id)}
            <li>
                {@render swatch(spare.gives)}
                <span>
                    {spare.count} × {spare.name}<br />each gives {spare.each === 1 ? '' : `${spare.each} × `}<Measure text={spare.size} />
                    <small>costs {spare.costs}</small>
                </span>
                <TextButton
                    aria-label="{spare.name}: {spare.how} one"
                    disabled={sender.isBusy}
                    onclick={() => act('keep/apart', { component: spare.id })}>{spare.how}</TextButton
                >
            </li>
        {/each}
    </ul>
    <p class="soft">Bonus cards may use these. A card that you add takes what it needs.</p>
{/if}
{#if middles.length}
    <h3>Hidden middles</h3>
    <ul>
        {#each middles as middle (middle.taking)}
            <li>
                {@render swatch(middle.component)}
                <span><Measure text={middle.says} wraps /><small>costs {middle.costs}</small></span>
                {#if middle.isThere}
                    <TextButton
                        aria-label="{middle.says}: cut it out"
                        disabled={sender.isBusy}
                        onclick={() => act(`keep/middle/${middle.taking}`)}>cut it out</TextButton
                    >
                {/if}
            </li>
        {/each}
    </ul>
{/if}
<h3>Also left</h3>
<ul class="counts">
    {#each counts as line (line.id)}
        <li class:isGone={line.isGone}>
            <span>{goods[line.id]?.name}</span><b><Measure text={line.left} /></b>
        </li>
    {/each}
</ul>

<style>
    h3 {
        margin: 1.25rem 0 0.25rem;
        color: var(--kraft-ink);
        font-size: var(--body);
        font-weight: 600;
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
        font-size: var(--small);
    }

    li {
        display: grid;
        grid-template-columns: auto 1fr auto;
        align-items: center;
        gap: 0.625rem;
        padding: 0.25rem 0;
        line-height: 1.3;
    }

    small {
        display: block;
        color: var(--ink-soft);
        font-size: 0.75rem;
    }

    .edge {
        stroke: var(--paper-edge);
    }

    .counts li {
        display: flex;
        justify-content: space-between;
        border-bottom: 1px solid color-mix(in srgb, var(--kraft) 55%, transparent);
    }

    .isGone {
        color: var(--ink-soft);
    }
</style>
