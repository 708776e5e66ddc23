<script lang="ts">
    import { mm } from '@/lib/format'
    import { surfaceFill } from '@/lib/surfaces'
    import Measure from '@/parts/Measure.svelte'
    import type { StackLayer, StackPiece } from '@/lib/props'

    interface Props {
        stack: StackLayer[]
        /** The pieces of its group, from the bottom up. */
        pieces?: StackPiece[]
        width: number
        stuck?: { name: string; good: string | null }[]
    }

    /** The layers of a card pulled apart and seen from the side, the base lowest, each at its width and place. */
    let { stack, pieces = [], width, stuck = [] }: Props = $props()

    const topDown = $derived([...stack].reverse())
    const piecesDown = $derived([...pieces].reverse())
    const how = (piece: StackPiece): string => (piece.isLifted ? ', on foam' : piece.isShimmed ? ', a shim under its low side' : ', flat')
</script>

<ol>
    {#each stuck as one (one.name)}
        <li class="stuck"><span class="bar"></span><b>{one.name}</b> {one.good}</li>
    {/each}
    {#each piecesDown as piece (piece.id)}
        <li>
            <svg viewBox="0 0 {width} 10" preserveAspectRatio="none" aria-hidden="true">
                <rect class="thing" x={mm(piece.left)} y={piece.isLifted ? 1 : 4} width={mm(piece.width)} height="3" />
                {#if piece.isLifted}
                    {#each [0.06, 0.44, 0.82] as at (at)}
                        <rect class="foam" x={mm(piece.left) + mm(piece.width) * at} y="4.4" width={mm(piece.width) * 0.12} height="4.6" />
                    {/each}
                {:else if piece.isShimmed}
                    <rect class="foam" x={mm(piece.left) + mm(piece.width) * 0.82} y="7" width={mm(piece.width) * 0.14} height="2.6" />
                {/if}
            </svg>
            <span>
                <b>{piece.name}</b>{how(piece)}<br />
                <small>{piece.good}, <Measure text={piece.lies} wraps /></small>
            </span>
        </li>
    {/each}
    {#each topDown as layer (layer.name)}
        <li>
            <svg viewBox="0 0 {width} 10" preserveAspectRatio="none" aria-hidden="true">
                <g transform="translate({mm(layer.left)} {layer.foam ? 0 : 3})">
                    <rect width={mm(layer.width)} height="4" fill={layer.component ? surfaceFill(layer.component, layer.face) : 'none'} />
                    {#if layer.foam}
                        {#each [0.08, 0.44, 0.8] as at (at)}
                            <rect class="foam" x={mm(layer.width) * at} y="4.4" width={mm(layer.width) * 0.12} height="4.6" />
                        {/each}
                    {/if}
                </g>
            </svg>
            <span>
                <b>{layer.name}</b>{layer.foam ? ` on ${layer.foam === 1 ? 'foam' : `${layer.foam} layers of foam`}` : ''}, {layer.height} high<br
                />
                <small><Measure text={layer.reveal} wraps /></small>
            </span>
        </li>
    {/each}
    <li>
        <svg viewBox="0 0 {width} 10" preserveAspectRatio="none" aria-hidden="true"><rect class="base" y="3" {width} height="4" /></svg>
        <span><b>base</b></span>
    </li>
</ol>

<style>
    ol {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        grid-template-columns: 8.5rem minmax(0, 1fr);
        align-items: center;
        gap: 0.75rem;
        padding: 0.1875rem 0;
        line-height: 1.25;
    }

    .stuck {
        display: block;
        padding-left: 9.25rem;
    }

    svg {
        width: 100%;
        height: 1.75rem;
    }

    rect {
        stroke: var(--paper-edge);
        stroke-width: 0.4;
    }

    .foam {
        fill: var(--line-strong);
    }

    .base,
    .thing {
        fill: var(--drawn-paper);
    }

    small {
        color: var(--ink-soft);
        font-size: var(--small);
    }
</style>
