<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { Reading } from '@/lib/props'

    /** Photographs being read, with progress and a stop; or why nothing came of it. */
    let { reading, path }: { reading: Reading; path: string } = $props()

    poll('reading', () => reading.isUnderWay)
</script>

<div class="reading" class:isFault={reading.isFault} role="status">
    {#if reading.isUnderWay}
        <progress value={reading.done} max="100" aria-label="Read so far"></progress>
        <span>{reading.done ? `Reading: ${reading.done} %` : 'Waiting for its turn…'}</span>
        <Button onclick={() => sender.send(`${path}/stop`)}>Stop</Button>
    {:else}
        <span>{reading.says}</span>
    {/if}
</div>

<style>
    .reading {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.75rem 1rem;
        padding: 0.625rem 1rem;
        border-left: 4px solid var(--here);
        background: var(--here-soft);
    }

    .reading.isFault {
        border-color: var(--madder);
        background: var(--madder-soft);
    }

    progress {
        flex: 0 1 20rem;
        height: 0.75rem;
        accent-color: var(--here);
    }
</style>
