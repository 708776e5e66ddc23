<script lang="ts">
    import { kit } from '@/lib/kit'
    import type { Taste } from '@/lib/props'

    /** How many of each are wanted. A fault is shown at its field. */
    interface Props {
        ones: Taste['wanted']
        typed: Record<string, string>
        field: string
        onkeep: () => void
    }
    let { ones, typed, field, onkeep }: Props = $props()

    const errors = $derived(kit.errors)
    /** Rarely wanted ones are folded away, until they are asked for. */
    const near = $derived(ones.filter((one) => one.isUsual || one.many > 0))
    const far = $derived(ones.filter((one) => !one.isUsual && one.many === 0))
</script>

{#snippet fields(some: Taste['wanted'])}
    <div>
        {#each some as one (one.key)}
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
{/snippet}

{@render fields(near)}
{#if far.length}
    <details>
        <summary>{far.length} more</summary>
        {@render fields(far)}
    </details>
{/if}

<style>
    details {
        width: 100%;
    }

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
