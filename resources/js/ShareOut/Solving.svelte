<script lang="ts">
    import { poll } from '@/lib/poll.svelte'
    import Button from '@/parts/Button.svelte'
    import Shortfalls from './Shortfalls.svelte'
    import { count } from '@/lib/format'
    import { sender } from '@/lib/send.svelte'
    import type { SolveUnderWay } from '@/lib/props'

    /** A share-out under way, with its progress and a stop, or the message of the last one. */
    let { solve, withShortfalls = true }: { solve: SolveUnderWay; withShortfalls?: boolean } = $props()

    /** How many were found, how certain it is that there are no more, and what runs out. What to add is one step away. */
    const SHORT = 3
    const lines = $derived((solve.message ?? '').split('\n').filter(Boolean))

    poll('solve', () => solve.isUnderWay)

    const stop = (): void => sender.send('share-out/stop')
</script>

{#if solve.isUnderWay}
    <div class="solving" role="status">
        <progress value={solve.done} max={solve.wanted} aria-label="Cards found"></progress>
        <p>
            {solve.state === 'waiting'
                ? 'Waiting for its turn…'
                : solve.done === 0
                  ? 'Sharing out…'
                  : `Trying for more: ${count(solve.done, 'card')} so far`}
        </p>
        <Button disabled={solve.state === 'stopping'} onclick={stop}>Stop and keep what there is</Button>
    </div>
{:else if solve.message || (withShortfalls && solve.shortfalls.length)}
    <div class="message" class:isFault={solve.state === 'failed'} role="status">
        {#each lines.slice(0, SHORT) as line, n (n)}<p class:first={n === 0}>{line}</p>{/each}
        {#if lines.length > SHORT}
            <details>
                <summary>What to add for more cards</summary>
                {#each lines.slice(SHORT) as line, n (n)}<p>{line}</p>{/each}
            </details>
        {/if}
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

    .first {
        font-weight: 600;
    }

    .message.isFault {
        border-color: var(--madder);
        background: var(--madder-soft);
    }
</style>
