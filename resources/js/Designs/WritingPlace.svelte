<script lang="ts">
    import type { Snippet } from 'svelte'
    import Beside from './Beside.svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import FrontPicker from './FrontPicker.svelte'
    import type { Desk } from './desk.svelte'
    import { useKeys } from '@/lib/keys.svelte'

    interface Props {
        desk: Desk
        /** The key of what is changed. Null for something new. */
        id: number | null
        /** What is written, with its article. */
        what: 'a sketch' | 'an arrangement'
        /** The address of all of its kind. */
        back: string
        drawing: Snippet
        /** The text below the drawing. */
        below?: Snippet
        children: Snippet
    }

    /** Where the maker writes a sketch or an arrangement, with its drawing on a front beside it. */
    let { desk, id, what, back, drawing, below, children }: Props = $props()

    const the = $derived(what.replace(/^an? /, 'the '))
    const keep = (): void => desk.keep(id)

    useKeys(() => [
        { key: 'k', shown: 'K', says: `Save ${the}`, run: keep },
        { key: 'l', shown: 'L', says: 'Upright or lying', run: () => desk.turn() },
    ])
</script>

{#snippet aside()}
    <div class="row">
        <Button main key="K" onclick={keep}>Save {the}</Button>
        <Button href={back}>Cancel</Button>
    </div>
    <div class="row"><FrontPicker front={desk.front} onpick={(query) => desk.pick(query)} /></div>
    {@render drawing()}
    {#if Object.keys(desk.faults).length}<p class="fault" role="status">
            As written it cannot be drawn. The drawing shows it as it was before.
        </p>{/if}
    {@render below?.()}
{/snippet}

<Frame title="Write {what}">
    <Beside about="{the.replace('the', 'The')} on a front" {aside}>
        <section aria-labelledby="write-title">
            <h1 id="write-title">{id === null ? 'Write' : 'Change'} {what}</h1>
            {@render children()}
        </section>
    </Beside>
</Frame>

<style>
    h1 {
        margin-bottom: 0.75rem;
    }

    .row,
    section > :global(.row) {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 0.75rem;
        padding: 0.1875rem 0;
    }

    section > :global(.row label),
    section > :global(label.row) {
        display: inline-flex;
        align-items: center;
        gap: 0.375rem;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    section > :global(.row :is(input, select)) {
        color: var(--ink);
        font-size: var(--body);
    }

    section > :global(ul) {
        margin: 0.5rem 0;
        padding: 0;
        list-style: none;
    }
</style>
