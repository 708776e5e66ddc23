<script lang="ts">
    import type { CardActs } from './cardActs'
    import type { Choice } from '@/lib/props'

    interface Props {
        acts: CardActs
        name: string
        label: string
        value: string
        choices: Choice[]
    }

    /** Something chosen for the whole card, with its refusal below it. */
    let { acts, name, label, value, choices }: Props = $props()

    const fault = $derived(acts.faultAt(name, name))
</script>

<label>
    {label}
    <select {value} aria-invalid={!!fault} onchange={(event) => acts.act(name, { [name]: event.currentTarget.value })}>
        {#each choices as choice (choice.key)}<option value={choice.key}>{choice.label}</option>{/each}
    </select>
</label>
{#if fault}<p class="fault" role="alert">{fault}</p>{/if}

<style>
    label {
        display: grid;
        gap: 0.125rem;
        font-size: var(--small);
        font-weight: 600;
    }

    select {
        width: 100%;
        font-size: var(--body);
        font-weight: 400;
    }
</style>
