<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Measure from '@/parts/Measure.svelte'
    import type { ArrangedPiece } from '@/lib/props'

    interface Props {
        piece: ArrangedPiece
        ondo: (does: string, by?: number) => void
        onswap: () => void
    }

    /** Where the selected piece lies, from two edges, and what can be done with it. */
    let { piece, ondo, onswap }: Props = $props()
</script>

<div class="where" aria-live="polite">
    <p class="in-hand">Selected: the {piece.part}, {piece.name}</p>
    <p class="large"><Measure text={piece.left} /> <small>from the left edge to its middle</small></p>
    <p class="large"><Measure text={piece.below} /> <small>from the lower edge to its middle</small></p>
    <p class="soft">{piece.lies}{piece.of ? ` · ${piece.of}` : ''}</p>
</div>
{#if piece.isUsed}
    <p class="soft">It is glued on already and stays where it is.</p>
{:else}
    <div class="acts" role="group" aria-label="Move the {piece.name}">
        <Button also="by a mark" key="←" onclick={() => ondo('left')}>left</Button>
        <Button also="by a mark" key="→" onclick={() => ondo('right')}>right</Button>
        <Button also="by a mark" key="↑" onclick={() => ondo('up')}>up</Button>
        <Button also="by a mark" key="↓" onclick={() => ondo('down')}>down</Button>
    </div>
    <div class="acts" role="group" aria-label="Turn the {piece.name}">
        <Button key="[" onclick={() => ondo('back')}>Send back</Button>
        <Button key="]" onclick={() => ondo('forward')}>Bring forward</Button>
        {#if piece.mayTuck}
            <Button key="T" onclick={() => ondo('tuck')}>Tuck more</Button>
            <Button key="Shift T" onclick={() => ondo('tuck', -1)}>less</Button>
        {/if}
        <Button key="R" onclick={() => ondo('turn')}>Turn 5°</Button>
        <Button key="F" aria-pressed={piece.isLifted} onclick={() => ondo(piece.isLifted ? 'flat' : 'lift')}>On foam</Button>
        <Button key="H" onclick={() => ondo('home')}>Put it back</Button>
        <Button key="X" onclick={onswap}>Next best piece</Button>
        <Button key="Del" onclick={() => ondo('drop')}>Leave it off</Button>
    </div>
{/if}

<style>
    p {
        margin: 0;
    }

    .in-hand {
        font-weight: 600;
    }

    .large {
        font-size: var(--large);
        font-weight: 650;
        line-height: 1.3;
    }

    small {
        font-size: var(--body);
        font-weight: 400;
    }

    .soft {
        color: var(--ink-soft);
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.375rem;
        margin-top: 0.5rem;
    }

    .acts :global(.button) {
        padding: 0 0.625rem;
        gap: 0.375rem;
    }
</style>
