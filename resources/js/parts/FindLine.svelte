<script lang="ts">
    import Button from './Button.svelte'
    import { useKeys } from '@/lib/keys.svelte'

    interface Props {
        text: string
        /** What the search is for, in the list of keys and at the field: "Find cards". */
        label: string
        placeholder: string
        fault?: string | null
        onfind: () => void
    }

    /** One line to search with. The / key goes to it from anywhere, and Esc leaves it. */
    let { text = $bindable(), label, placeholder, fault = null, onfind }: Props = $props()

    let field = $state<HTMLInputElement>()
    const uid = $props.id()

    useKeys(() => [{ key: '/', says: label, run: () => field?.focus() }])
</script>

<form novalidate role="search" onsubmit={(event) => (event.preventDefault(), onfind())}>
    <input
        bind:this={field}
        bind:value={text}
        maxlength="200"
        autocomplete="off"
        aria-label={label}
        {placeholder}
        aria-invalid={fault ? true : undefined}
        aria-describedby={fault ? uid : undefined}
    />
    <Button main onclick={onfind}>Find</Button>
</form>
{#if fault}<p class="fault" id={uid} role="alert">{fault}</p>{/if}

<style>
    form {
        display: flex;
        gap: 0.5rem;
        max-width: 40rem;
        margin: 0.5rem 0;
    }

    input {
        flex: 1;
        min-width: 0;
        min-height: var(--target);
        font-size: var(--large);
    }

    .fault {
        color: var(--madder);
    }
</style>
