<script lang="ts">
    import { keysNow, singleKeys } from '@/lib/keys.svelte'
    import Button from './Button.svelte'

    /** The list of keys of this page. */
    let { open = $bindable() }: { open: boolean } = $props()

    let dialog: HTMLDialogElement
    $effect(() => {
        if (open) dialog.showModal()
        else dialog.close()
    })
</script>

<dialog bind:this={dialog} onclose={() => (open = false)} aria-labelledby="keys-title">
    <h2 id="keys-title">Keys</h2>
    <dl>
        {#each keysNow() as key (key.key + key.says)}
            <dt><kbd>{key.shown ?? key.key}</kbd></dt>
            <dd>{key.says}</dd>
        {/each}
    </dl>
    <label>
        <input type="checkbox" checked={!singleKeys.areOff} onchange={(event) => singleKeys.turn(!event.currentTarget.checked)} /> Keys of one
        letter or figure do something
    </label>
    <p><Button onclick={() => (open = false)}>Close</Button></p>
</dialog>

<style>
    dialog {
        min-width: 24rem;
        max-height: 90vh;
        padding: 1.5rem 2rem;
        border: 1px solid var(--line-strong);
        border-radius: var(--radius);
        background: var(--sheet);
        color: var(--ink);
        box-shadow: var(--shadow);
    }

    h2 {
        font-size: var(--title);
    }

    dialog::backdrop {
        background: var(--veil);
    }

    dl {
        display: grid;
        grid-template-columns: auto 1fr;
        gap: 0.5rem 1.25rem;
        margin: 1rem 0 1.5rem;
    }

    dt {
        text-align: right;
    }

    dd {
        margin: 0;
    }

    label {
        margin-bottom: 1rem;
    }

    kbd {
        padding: 0.1em 0.5em;
        border: 1px solid var(--line-strong);
        border-radius: 4px;
        font: inherit;
        font-weight: 600;
    }
</style>
