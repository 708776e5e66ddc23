<script lang="ts">
    import Button from './Button.svelte'
    import { kit } from '@/lib/kit'
    import type { CardsAtMost } from '@/lib/props'

    /** The way from a packing list to its cards: how many there can be at most, and what should be checked first. */
    let { atMost, onCheck = false }: { atMost: CardsAtMost; onCheck?: boolean } = $props()

    const lines = $derived(atMost.guesses === 1 ? '1 line' : `${atMost.guesses} lines`)
</script>

<div class="way">
    {#if !atMost.isSharedOut && atMost.cards > 0}
        <Button main href="{kit.frame.url}/share-out">Share out: up to {atMost.cards === 1 ? '1 card' : `${atMost.cards} cards`}</Button>
    {:else if !atMost.isSharedOut}
        <p>No card yet: {atMost.says}.</p>
    {/if}
    {#if !atMost.isSharedOut && atMost.cards > 0}<p class="soft">{atMost.says}</p>{/if}
    {#if atMost.guesses && !onCheck}
        <Button href="{kit.frame.url}/check">Check {lines} first</Button>
    {/if}
</div>

<style>
    .way {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 0.75rem;
        margin-block: 0.75rem;
    }
</style>
