<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { Goods, KeptPalette } from '@/lib/props'
    import Strip from './Strip.svelte'

    interface Props {
        goods: Goods
        /** What is together and not saved yet. */
        tray: string[]
        palettes: KeptPalette[]
        onkept: () => void
    }

    /** The new palette, and the saved ones. */
    let { goods, tray, palettes, onkept }: Props = $props()

    let name = $state('')
    const fault = $derived(kit.errors['name'] ?? kit.errors['surfaces'])

    function keep(event: SubmitEvent): void {
        event.preventDefault()
        sender.send('palettes', () => ({ name, surfaces: tray }), { done: () => ((name = ''), onkept()) })
    }
</script>

<aside aria-label="Palettes">
    <h2>New palette</h2>
    {#if tray.length}
        <Strip surfaces={tray} {goods} />
        <form onsubmit={keep} novalidate>
            <label for="palette-name">Name</label>
            <input id="palette-name" bind:value={name} autocomplete="off" aria-invalid={!!kit.errors['name']} />
            {#if fault}<p class="fault" role="alert">{fault}</p>{/if}
            <Button main type="submit">Save the palette</Button>
        </form>
    {:else}
        <p class="soft">
            Collect papers, cardstock and metals that go well together, and save them under a name. You can make a card from it.
        </p>
    {/if}
    {#if palettes.length}
        <h2>Saved palettes</h2>
        <ul>
            {#each palettes as palette (palette.id)}
                <li>
                    <b>{palette.name}</b>
                    <Strip surfaces={palette.surfaces} {goods} />
                    <div>
                        <Button onclick={() => sender.send(`palettes/${palette.id}/card`)}>Make a card from it</Button>
                        <Button onclick={() => sender.send(`palettes/${palette.id}`, {}, { method: 'delete' })}>Remove</Button>
                    </div>
                </li>
            {/each}
        </ul>
    {/if}
</aside>

<style>
    aside {
        min-height: 0;
        padding: 1rem 1.25rem;
        overflow: auto;
        border-left: 1px solid var(--line);
    }

    h2 {
        margin-bottom: 0.5rem;
    }

    h2:not(:first-child) {
        margin-top: 1.75rem;
    }

    form {
        display: grid;
        justify-items: start;
        gap: 0.375rem;
        margin-top: 0.5rem;
    }

    label {
        font-weight: 600;
    }

    input {
        width: 100%;
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        padding: 0.75rem 0;
        border-bottom: 1px solid var(--line);
    }

    div {
        display: flex;
        flex-wrap: wrap;
        gap: 0.375rem;
        padding-top: 0.375rem;
    }
</style>
