<script lang="ts">
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'

    interface Props {
        /** Its address, and the name of its field. */
        path: string
        field: string
        label: string
        accept: string
    }

    /** A file that is read as soon as it is chosen. Its faults are shown below. */
    let { path, field, label, accept }: Props = $props()

    const fault = $derived(kit.errors[field])
    const uid = $props.id()

    function choose(event: Event & { currentTarget: HTMLInputElement }): void {
        const file = event.currentTarget.files?.[0]
        event.currentTarget.value = ''
        if (file) sender.send(path, { [field]: file })
    }
</script>

<label>
    {label}
    <input type="file" {accept} aria-invalid={!!fault} aria-describedby={fault ? uid : undefined} onchange={choose} />
</label>
{#if fault}<p class="fault" id={uid} role="alert">{fault}</p>{/if}

<style>
    label {
        display: grid;
        gap: 0.25rem;
        max-width: 100%;
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
        overflow-wrap: anywhere;
    }
</style>
