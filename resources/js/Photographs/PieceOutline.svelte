<script lang="ts">
    import type { SeenPiece } from '@/lib/props'

    interface Props {
        piece: SeenPiece
        isChosen: boolean
        /** The factor by which it is enlarged, if the photograph is shown small. */
        zoom: number
        onchoose: () => void
    }

    /** A piece on its photograph: its outline, its number, and its doubts. */
    let { piece, isChosen, zoom, onchoose }: Props = $props()

    const mark = $derived(
        piece.isReference
            ? 'measure'
            : piece.isDropped
              ? 'dropped'
              : piece.isTwin
                ? 'twin'
                : piece.doubts.length
                  ? `${piece.number} ?`
                  : `${piece.number}`,
    )
    const label = $derived(
        [
            `${piece.called}, ${piece.size || 'not measured'}`,
            piece.isReference && 'measured by this',
            piece.isDropped && 'dropped',
            piece.isTwin && 'the same picture as another',
            ...piece.doubts,
        ]
            .filter(Boolean)
            .join('; '),
    )
    const wide = $derived(24 + 13 * mark.length)
</script>

<!-- svelte-ignore a11y_click_events_have_key_events -->
<g
    id="piece-{piece.number}"
    class="piece"
    class:isChosen
    class:isOff={piece.isDropped}
    class:isReference={piece.isReference}
    role="option"
    aria-selected={isChosen}
    tabindex={isChosen ? 0 : -1}
    aria-label={label}
    onclick={onchoose}
    onfocus={onchoose}
>
    <path class="body" d={piece.d} />
    <path class="under" d={piece.d} />
    <path class="line" d={piece.d} />
    <g transform="translate({piece.at.x} {piece.at.y}) scale({zoom})">
        <rect class="tag" x={-wide / 2} y="-18" width={wide} height="36" rx="6" />
        <text>{mark}</text>
    </g>
</g>

<style>
    .piece {
        cursor: pointer;
        outline: none;
    }

    path {
        fill: none;
        stroke-linejoin: round;
    }

    .body {
        fill: transparent;
    }

    .under {
        stroke: var(--drawn-light);
        stroke-width: 6;
    }

    .line {
        stroke: var(--drawn-here);
        stroke-width: 3;
    }

    .isChosen .line {
        stroke-width: 7;
    }

    .isChosen .under {
        stroke-width: 13;
    }

    .piece:focus-visible .tag {
        stroke: var(--drawn-ink);
        stroke-width: 4;
    }

    .isOff .line {
        stroke-dasharray: 4 12;
    }

    .isReference .line {
        stroke-dasharray: 26 10;
    }

    .tag {
        fill: var(--drawn-label);
        stroke: var(--drawn-here);
        stroke-width: 1.5;
    }

    .isChosen .tag {
        fill: var(--drawn-here);
    }

    text {
        fill: var(--drawn-ink);
        font-size: 25px;
        font-weight: 650;
        text-anchor: middle;
        dominant-baseline: central;
    }

    .isChosen text {
        fill: var(--on-drawn-here);
    }
</style>
