<script lang="ts">
    import { kit } from '@/lib/kit'

    /** The thing of known size on the photograph. */
    let { by = $bindable(), lengths = $bindable(), fault }: { by: string; lengths: string; fault: string | undefined } = $props()

    const uid = $props.id()
    const kinds: [string, string, string][] = [
        ['sheet', 'a card base, a sheet or anything with four corners', 'its sides'],
        ['coin', 'a coin', 'how wide it is'],
        ['points', 'two marks, as on a ruler', 'how far apart they are'],
    ]
    const asks = $derived(kinds.find(([kind]) => kind === by)?.[2] ?? '')
</script>

<span class="field">
    <label for="{uid}-by">Of known size is</label>
    <select id="{uid}-by" bind:value={by}>
        {#each kinds as [kind, says] (kind)}<option value={kind}>{says}</option>{/each}
    </select>
</span>
<span class="field">
    <label for="{uid}-lengths">{asks} ({kit.frame.unit})</label>
    <input
        id="{uid}-lengths"
        bind:value={lengths}
        size="14"
        autocomplete="off"
        aria-invalid={!!fault}
        aria-describedby={fault ? `${uid}-fault` : undefined}
    />
</span>
{#if fault}<p id="{uid}-fault" class="fault" role="alert">{fault}</p>{/if}

<style>
    .field {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        width: 100%;
        gap: 0.375rem;
    }

    label {
        font-weight: 600;
    }

    label::first-letter {
        text-transform: uppercase;
    }

    select {
        min-width: 0;
        max-width: 100%;
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
    }
</style>
