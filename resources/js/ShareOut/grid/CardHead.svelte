<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import Pin from '@lucide/svelte/icons/pin'
    import CardFront from '@/parts/CardFront.svelte'
    import { kit } from '@/lib/kit'
    import type { Goods, GridCard } from '@/lib/props'

    /** A card above its column: its front, its number, and what is special about it. */
    let { card, goods, isDense }: { card: GridCard; goods: Goods; isDense: boolean } = $props()
</script>

<div class:isDense>
    <CardFront front={card.front} {goods} side={isDense ? 34 : 74} />
    <Link href="{kit.frame.url}/cards/{card.id}">
        <span class="sr-only">Card</span>
        <b>{card.front.number}</b>
        {card.front.occasion}
    </Link>
    {#if card.findings}<em class="lacks">{card.findings} to look at</em>{/if}
    {#if card.paper}<span class="paper" title="Patterned paper it takes">{card.paper}</span>{/if}
    {#if card.isBonus}<em>bonus</em>{/if}
    {#if card.stands}<em>{card.stands === 'made' ? '✓ ' : ''}{card.stands}</em>{/if}
    {#if card.isPinned}<em><Pin size={11} aria-hidden="true" /> pinned</em>{/if}
    {#if card.isShort}<em class="lacks">short</em>{/if}
    {#if card.front.lacks.length}<em class="lacks">lacks {card.front.lacks.join(', ')}</em>{/if}
</div>

<style>
    div {
        display: grid;
        justify-items: center;
        gap: 0.25rem;
        line-height: 1.2;
        overflow-wrap: anywhere;
        hyphens: auto;
    }

    div :global(a) {
        min-width: var(--least);
        min-height: var(--least);
        align-content: center;
        color: inherit;
        text-decoration: none;
    }

    div :global(a:hover) {
        color: var(--here);
        text-decoration: underline;
    }

    b {
        font-size: var(--body);
    }

    .isDense b {
        font-size: 0.75rem;
    }

    em {
        padding: 0 0.375rem;
        border-radius: 3px;
        background: var(--kraft-soft);
        color: var(--kraft-ink);
        font-size: 0.75rem;
        font-style: normal;
    }

    .paper {
        color: var(--ink-soft);
        font-size: 0.75rem;
    }

    .lacks {
        background: var(--madder-soft);
        color: var(--madder);
    }
</style>
