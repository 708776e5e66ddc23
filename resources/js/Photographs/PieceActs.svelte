<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import type { SeenPiece } from '@/lib/props'

    interface Props {
        piece: SeenPiece
        isLine: boolean
        edit: (what: string, more?: Record<string, number>) => void
        onpart: () => void
        online: () => void
    }

    /** What can be done with the selected piece. */
    let { piece, isLine, edit, onpart, online }: Props = $props()
</script>

<div class="acts" role="group" aria-label="With {piece.called}">
    <b>{piece.called}</b>
    {#if piece.isReference}
        <span class="soft">is what the others are measured by; its corners can be moved.</span>
    {:else}
        <Button key="X" onclick={() => edit(piece.isDropped ? 'take' : 'drop')}>{piece.isDropped ? 'Put it back' : 'Remove it'}</Button>
        <Button key={isLine ? 'Enter' : 'P'} onclick={onpart}>{isLine ? 'Separate along the line' : 'Separate two pieces'}</Button>
        <Button key="L" onclick={online}>Draw a line</Button>
        <Button key="T" onclick={() => edit('turn', { by: 90 })}>Turn</Button>
        {#if piece.hasWindows}<Button key="W" onclick={() => edit('fill')}>Fill windows</Button>{/if}
        <Button key="M" onclick={() => edit('measure')}>Measure by this</Button>
    {/if}
</div>

<style>
    .acts {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem 0.5rem;
        min-height: var(--target);
    }
</style>
