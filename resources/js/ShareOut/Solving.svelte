<script lang="ts">
    import { poll } from '@/lib/poll.svelte'
    import Button from '@/parts/Button.svelte'
    import Shortfalls from './Shortfalls.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { SolveUnderWay } from '@/lib/props'

    /** A share-out under way, with its progress and a stop; or what the last one has to say. */
    let { solve, withShortfalls = true }: { solve: SolveUnderWay; withShortfalls?: boolean } = $props()

    poll('solve', () => solve.isUnderWay)

    const stop = (): void => sender.send('share-out/stop')
</script>

{#if solve.isUnderWay}
    <div class="solving" role="status">
        <progress value={solve.done} max={solve.wanted} aria-label="Cards found"></progress>
        <p>{solve.state === 'waiting' ? 'Waiting for its turn…' : `Sharing out: ${solve.done} of ${solve.wanted} cards`}</p>
        <Button disabled={solve.state === 'stopping'} onclick={stop}>Stop, keep what there is</Button>
    </div>
{:else if solve.message || (withShortfalls && solve.shortfalls.length)}
    <div class="message" class:isFault={solve.state === 'failed'} role="status">
        {#if solve.message}<p>{solve.message}</p>{/if}
        {#if withShortfalls}<Shortfalls shortfalls={solve.shortfalls} />{/if}
    </div>
{/if}

<style>
    .solving {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 1rem;
        padding: 0.5rem 1.25rem;
        background: var(--here-soft);
    }

    progress {
        flex: 0 1 20rem;
        height: 0.75rem;
        accent-color: var(--here);
    }

    .message {
        padding: 0.75rem 1.25rem;
        border-left: 4px solid var(--here);
        background: var(--here-soft);
    }

    .message.isFault {
        border-color: var(--madder);
        background: var(--madder-soft);
    }
</style>
