<script lang="ts">
    import { tick, untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { SeenReference } from '@/lib/props'
    import ReferenceFields from './ReferenceFields.svelte'

    /** What the photograph is measured by, and how to change that. */
    let { reference, path }: { reference: SeenReference; path: string } = $props()

    let isOpen = $state(false)
    let by = $state(untrack(() => reference.by))
    let lengths = $state(untrack(() => reference.lengths))

    let place = $state<HTMLElement>()
    /** The focus goes to what replaced the element that had it. */
    function toggle(open: boolean): void {
        isOpen = open
        void tick().then(() => place?.querySelector<HTMLElement>(open ? 'select' : 'button')?.focus())
    }

    function keep(event: SubmitEvent): void {
        event.preventDefault()
        sender.send(path, { do: 'measure', by, lengths }, { done: () => toggle(false) })
    }
</script>

<div bind:this={place} class="by" class:isFault={reference.fault}>
    {#if reference.fault}
        <p role="alert"><b>Nothing is measured yet.</b> {reference.fault}</p>
    {:else}
        <p>
            Measured by {reference.piece ? `piece ${reference.piece}, ` : ''}<b>{reference.says}</b>.
            {#if reference.leans}The photograph is tilted too much for a coin. Take it from straight above, or measure by a card.{/if}
            {#if reference.isSmall}<b class="doubt">That is small in the picture: is it what you meant?</b>{/if}
            {#if reference.others.length}
                It could be piece {reference.others.join(', ')} as well: choose that, and M measures by it.
            {/if}
        </p>
    {/if}
    {#if isOpen}
        <form onsubmit={keep} novalidate>
            <ReferenceFields bind:by bind:lengths fault={kit.errors['lengths']} />
            <Button main type="submit">Measure by it</Button>
            <Button onclick={() => toggle(false)}>Cancel</Button>
        </form>
    {:else}
        <Button onclick={() => toggle(true)}>By something else</Button>
    {/if}
</div>

<style>
    .by {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem 0.75rem;
    }

    .isFault p {
        color: var(--madder);
    }

    .doubt {
        color: var(--kraft-ink);
    }

    p {
        flex: 1 1 20rem;
    }

    form {
        display: flex;
        flex-wrap: wrap;
        align-items: end;
        gap: 0.5rem;
        width: 100%;
    }
</style>
