<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import { useKeys } from '@/lib/keys.svelte'

    interface Props {
        /** Finds the scraps of all kits and the stash. */
        url: string
        /** Esc: the focus goes back to where it came from. */
        onleave: () => void
    }

    /** The foot of the tray is always in sight. */
    let { url, onleave }: Props = $props()

    let field = $state<HTMLInputElement>()
    let find = $state('')

    useKeys(() => [{ key: '/', says: 'Find a scrap, in all kits and the stash', run: () => field?.focus() }])
</script>

<form role="search" onsubmit={(event) => (event.preventDefault(), router.visit(url, { data: { find } }))}>
    <label for="find">Find</label>
    <input
        id="find"
        bind:this={field}
        bind:value={find}
        maxlength="200"
        autocomplete="off"
        placeholder="strip 2 x 5 1/2 calm blue"
        onkeydown={(event) => event.key === 'Escape' && onleave()}
    />
    <kbd aria-hidden="true">/</kbd>
</form>

<style>
    form {
        position: sticky;
        bottom: -2rem;
        display: flex;
        align-items: center;
        gap: 0.5rem;
        margin: 0.75rem -1.25rem 0;
        padding: 0.625rem 1.25rem;
        background: var(--kraft-strong);
        color: var(--on-kraft);
        font-weight: 600;
    }

    input {
        flex: 1;
        min-width: 0;
        min-height: var(--target);
    }
</style>
