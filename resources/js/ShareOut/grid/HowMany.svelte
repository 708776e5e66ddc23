<script lang="ts">
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { GridCard } from '@/lib/props'

    /** Several of one card, such as twelve for a class. What is refused stays typed. */
    let { card, onclose }: { card: GridCard; onclose: () => void } = $props()

    let many = $state(untrack(() => '12'))
    let field: HTMLInputElement | undefined = $state()
    $effect(() => field?.select())

    const before = untrack(() => kit.frame.revision)
    $effect(() => {
        if (kit.frame.revision !== before) onclose()
    })
    const fault = $derived(kit.errors['copies'])
</script>

<form novalidate onsubmit={(event) => (event.preventDefault(), sender.send(`cards/${card.id}/copies`, { copies: many }))}>
    <label
        >How many of card {card.front.number}?
        <input
            bind:this={field}
            bind:value={many}
            onkeydown={(event) => event.key === 'Escape' && onclose()}
            size="3"
            inputmode="numeric"
            aria-invalid={!!fault}
            aria-describedby={fault ? 'many-fault' : undefined}
        /></label
    >
    <Button main type="submit">Make them</Button>
    <Button key="Esc" type="button" onclick={onclose}>Cancel</Button>
    {#if fault}<p id="many-fault" class="fault" role="alert">{fault}</p>{/if}
</form>

<style>
    form {
        display: flex;
        flex: 1 1 24rem;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem 0.75rem;
    }

    label {
        display: flex;
        align-items: center;
        gap: 0.5rem;
        font-weight: 600;
    }
</style>
