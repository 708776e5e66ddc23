<script lang="ts">
    import { kit } from '@/lib/kit'
    import type { Taste } from '@/lib/props'

    /** How many of each are wanted; a fault stands by its field. */
    interface Props {
        ones: Taste['wanted']
        typed: Record<string, string>
        field: string
        onkeep: () => void
    }
    let { ones, typed, field, onkeep }: Props = $props()

    const errors = $derived(kit.errors)
</script>

<div>
    {#each ones as one (one.key)}
        <label
            >{one.label}
            <input
                bind:value={typed[one.key]}
                size="2"
                inputmode="numeric"
                onchange={onkeep}
                aria-invalid={!!errors[`${field}.${one.key}`]}
            /></label
        >
        {#if errors[`${field}.${one.key}`]}<p class="fault" role="alert">{errors[`${field}.${one.key}`]}</p>{/if}
    {/each}
</div>

<style>
    div {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(8.5rem, 1fr));
        gap: 0.25rem 0.75rem;
        width: 100%;
    }

    label {
        display: flex;
        align-items: center;
        justify-content: space-between;
        gap: 0.375rem;
    }

    .fault {
        grid-column: 1 / -1;
    }
</style>
