<script lang="ts">
    import SketchDrawing from '@/parts/SketchDrawing.svelte'
    import type { ShareOutPage } from '@/lib/props'

    /** What a card must at least be, each with a drawn example. */
    interface Props {
        choices: ShareOutPage['taste']['leasts']
        value: string
        onchoose: () => void
    }
    let { choices, value = $bindable(), onchoose }: Props = $props()
    const SIDE = 56
</script>

<fieldset>
    <legend class="sr-only">What a card must at least be</legend>
    {#each choices as one (one.key)}
        <label class:chosen={value === one.key}>
            <input type="radio" name="least" value={one.key} bind:group={value} onchange={onchoose} />
            <span aria-hidden="true"><SketchDrawing drawn={one.drawn} side={SIDE} /></span>
            {one.label}
        </label>
    {/each}
</fieldset>

<style>
    fieldset {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
        gap: 0.375rem;
        margin: 0;
        padding: 0;
        border: 0;
    }

    label {
        display: grid;
        grid-template-columns: auto auto 1fr;
        align-items: center;
        gap: 0.5rem;
        min-height: var(--target);
        padding: 0.375rem 0.5rem;
        border: 1px solid var(--line);
        border-radius: var(--radius);
    }

    label.chosen {
        border-color: var(--here);
        background: var(--here-soft);
    }

    input {
        width: 1.125rem;
        height: 1.125rem;
        accent-color: var(--here);
    }

    span {
        display: grid;
    }
</style>
