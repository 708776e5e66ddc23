<script lang="ts">
    import { Link, page } from '@inertiajs/svelte'
    import { money } from '@/lib/format'
    import type { KitFrame, StageInFrame } from '@/lib/props'

    interface Props {
        current: StageInFrame | undefined
        /** Without a kit. */
        others: { label: string; url: string }[]
    }

    /** The places at the table: the stages of the kit, or the places of all kits. */
    let { current, others }: Props = $props()

    const frame = $derived(page.props['frame'] as KitFrame | null)
    const isHere = (url: string): boolean => page.url.split('?')[0] === url
    let places = $state<HTMLElement>()

    /** Without room for all, the present one is scrolled into sight. */
    $effect(() => {
        if (current || !frame) places?.querySelector('.current')?.scrollIntoView({ block: 'nearest', inline: 'center' })
    })
</script>

<nav aria-label="Places at the table" bind:this={places}>
    {#each frame?.stages ?? [] as stage (stage.key)}
        <Link href={stage.url} class={stage === current ? 'stage current' : 'stage'} aria-current={stage === current ? 'page' : undefined}>
            <span>{stage.label}</span>
            <small>{stage.money ? `${money(stage.money)} a card` : stage.figure}</small>
        </Link>
    {:else}
        {#each others as one (one.url)}
            <Link href={one.url} class={isHere(one.url) ? 'stage current' : 'stage'} aria-current={isHere(one.url) ? 'page' : undefined}
                >{one.label}</Link
            >
        {/each}
    {/each}
</nav>

<style>
    nav {
        display: flex;
        align-items: end;
        gap: 0.25rem;
        overflow: auto hidden;
        scrollbar-width: none;
    }

    nav :global(.stage) {
        display: grid;
        align-content: center;
        min-height: 3.25rem;
        padding: 0 1.125rem;
        border: 1px solid transparent;
        border-bottom: 0;
        border-radius: var(--radius) var(--radius) 0 0;
        color: var(--ink-soft);
        font-weight: 600;
        white-space: nowrap;
        text-decoration: none;
    }

    nav :global(.stage small) {
        font-weight: 400;
    }

    nav :global(.stage:hover) {
        color: var(--ink);
    }

    nav :global(.current) {
        margin-bottom: -1px;
        background: var(--sheet);
        border-color: var(--line-strong);
        color: var(--ink);
        box-shadow: inset 0 3px 0 var(--here);
    }

    small {
        color: var(--ink-soft);
        font-size: var(--small);
        line-height: 1.25;
    }

    @media (max-width: 1400px) {
        nav {
            gap: 0;
        }

        nav :global(.stage) {
            padding: 0 0.75rem;
        }
    }

    @media (width < 760px) {
        nav {
            grid-row: 2;
            grid-column: 1 / -1;
        }
    }

    @media (height < 30rem) {
        nav {
            grid-row: auto;
            grid-column: auto;
        }

        nav :global(.stage) {
            min-height: var(--target);
        }

        nav :global(.stage small) {
            display: none;
        }
    }
</style>
