<script module lang="ts">
    export type FrontQuery = Pick<ChosenFront, 'width' | 'height'> & { front: string; lying: 0 | 1 }
</script>

<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import type { ChosenFront } from '@/lib/props'

    /** The front that is shown: that of the kit, one with a name, or any other size, upright or lying. */
    let { front, onpick }: { front: ChosenFront; onpick: (query: FrontQuery) => void } = $props()

    let key = $derived(front.key)
    let width = $derived(front.width)
    let height = $derived(front.height)
    const isTyped = $derived(key === 'typed')

    const pick = (lying = front.isLying): void => onpick({ front: key, lying: lying ? 1 : 0, width, height })
</script>

<span class="picker">
    <label>
        Front
        <select bind:value={key} onchange={() => pick()}>
            {#each front.choices as choice (choice.key)}<option value={choice.key}>{choice.label}</option>{/each}
        </select>
    </label>
    {#if isTyped}
        <input aria-label="Width of the front" size="5" bind:value={width} onchange={() => pick()} aria-invalid={!!front.fault} />
        ×
        <input aria-label="Height of the front" size="5" bind:value={height} onchange={() => pick()} aria-invalid={!!front.fault} />
    {/if}
    <Button key="L" aria-pressed={front.isLying} onclick={() => pick(!front.isLying)}>{front.isLying ? 'Lying' : 'Upright'}</Button>
    {#if front.fault}<span class="fault" role="alert">{front.fault}</span>{/if}
</span>

<style>
    .picker {
        display: inline-flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 0.75rem;
    }

    label {
        font-weight: 600;
    }

    .fault {
        flex-basis: 100%;
    }
</style>
