<script lang="ts">
    import Measure from './Measure.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { ShortPart } from '@/lib/props'

    /** What can be done if a card lacks something. */
    interface Props {
        short: ShortPart
        /** How much the row is short of, if this stands beside one. */
        lack?: string
        /** Its keys are those of the page. Of several lists only the first has them. */
        keyed?: boolean
    }
    let { short, lack = '', keyed = true }: Props = $props()

    const KEYS = ['f', 'g', 'h', 'j', 'k', 'l', 'i']

    function take(says: string): void {
        sender.send('grid/way', { card: short.card, part: short.part, says })
    }

    useKeys(() =>
        (keyed ? short.ways : []).slice(0, KEYS.length).map((way, n) => ({
            key: KEYS[n] ?? '',
            shown: KEYS[n]?.toUpperCase() ?? '',
            says: `Way out: ${way.says}`,
            run: () => take(way.says),
        })),
    )
</script>

<div role="group" aria-label="Ways out">
    <span
        >{#if lack}<b>{lack} short.</b>{/if}
        <Measure text={short.says} wraps /></span
    >
    {#each short.ways as way, n (way.says)}
        <button type="button" onclick={() => take(way.says)}>
            <small>{way.kind}</small>
            <Measure text={way.says} />{#if keyed && KEYS[n]}<kbd>{KEYS[n].toUpperCase()}</kbd>{/if}
        </button>
    {/each}
</div>

<style>
    div {
        display: flex;
        flex: 1 0 100%;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem 0.5rem;
        order: 3;
    }

    span {
        flex-basis: 100%;
        color: var(--madder);
    }

    button {
        min-height: var(--target);
        padding: 0 0.75rem;
        border: 1px solid var(--line-strong);
        border-radius: var(--radius);
        background: var(--sheet);
        cursor: pointer;
    }

    small {
        color: var(--ink-soft);
    }

    kbd {
        margin: 0 1px;
        padding: 0 0.4em;
        border: 1px solid var(--line-strong);
        border-radius: 3px;
        font: inherit;
        font-size: var(--small);
    }
</style>
