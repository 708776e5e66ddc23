<script lang="ts">
    import type { CountLine } from '@/lib/props'

    interface Props {
        line: CountLine
        name: string
        onsay: (said: { reason: string; note: string }) => void
        onnext: () => void
    }

    /** Why there are fewer than listed. It is asked after counting, and can be changed at any time. */
    let { line, name, onsay, onnext }: Props = $props()

    const REASONS = [
        ['lost', 'missing'],
        ['damaged', 'bent'],
        ['not-as-listed', 'not as listed'],
    ] as const
</script>

<select
    id="why-{line.id}"
    aria-label="Why fewer {name}"
    value={line.why}
    onchange={(event) => onsay({ reason: event.currentTarget.value, note: line.note })}
    onkeydown={(event) => event.key === 'Enter' && (event.preventDefault(), onnext())}
>
    {#each REASONS as [reason, says] (reason)}<option value={reason}>{says}</option>{/each}
</select>
<input
    aria-label="Note on {name}"
    placeholder="note"
    size="12"
    value={line.note}
    onchange={(event) => onsay({ reason: line.why, note: event.currentTarget.value })}
/>
