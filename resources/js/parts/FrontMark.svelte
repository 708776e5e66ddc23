<script lang="ts">
    import { surfaceFill } from '@/lib/surfaces'
    import Silhouette from './Silhouette.svelte'
    import type { DrawnMark, Goods } from '@/lib/props'

    /** One thing that lies on a front, in millimetres. */
    let { mark, goods }: { mark: DrawnMark; goods: Goods } = $props()

    const EDGE = 0.4
    const id = $props.id()
</script>

{#if mark.kind === 'surface'}
    <path
        class={mark.role}
        transform="translate({mark.x} {mark.y})"
        d={mark.d}
        fill-rule="evenodd"
        fill={surfaceFill(mark.component, mark.face)}
        stroke-width={EDGE}
    />
{:else if mark.kind === 'thing'}
    {@const good = goods[mark.component]}
    {#if good}
        {#if mark.clip}<clipPath {id}><path d={mark.clip} /></clipPath>{/if}
        <g clip-path={mark.clip ? `url(#${id})` : undefined}>
            <g
                class={mark.role}
                class:lifted={mark.up > 0}
                transform={mark.turn ? `rotate(${mark.turn} ${mark.x + mark.width / 2} ${mark.y + mark.height / 2})` : undefined}
            >
                <Silhouette {good} x={mark.x} y={mark.y} width={mark.width} height={mark.height} />
            </g>
        </g>
    {/if}
{:else if mark.kind === 'words'}
    <text x={mark.x} y={mark.y} font-size={mark.letter} fill={mark.fill}>{mark.text}</text>
{:else}
    <path class={mark.role} d={mark.d} fill={mark.fill} stroke={mark.stroke} stroke-width={mark.line} stroke-dasharray={mark.dash} />
{/if}

<style>
    .piece {
        stroke: var(--drawn-edge);
    }

    .raised {
        filter: drop-shadow(0 0.2px 0.2px var(--drawn-shade));
    }

    .lifted {
        filter: drop-shadow(0 0.8px 0.6px var(--drawn-shade));
    }

    .bow {
        stroke-linecap: round;
    }

    .missing {
        stroke: var(--madder);
    }

    text {
        text-anchor: middle;
        dominant-baseline: central;
        font-weight: 560;
    }
</style>
