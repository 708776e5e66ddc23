<script lang="ts">
    import { untrack } from 'svelte'
    import { page } from '@inertiajs/svelte'
    import { saying } from '@/lib/say.svelte'
    import type { KitFrame } from '@/lib/props'

    /** What is read out: the result of each act, and messages of keys. */
    const frame = $derived(page.props['frame'] as KitFrame | null)
    const notice = $derived(page.props['notice'] as string | null)

    /**
     * The result of the last act: the server's message, or the name of the act. It is written again each time, so that it is
     * read out again.
     */
    let result = $state('')
    let turn = $state(0)
    let seen = untrack(() => frame?.revision)
    $effect(() => {
        const isNew = frame?.revision !== seen
        seen = frame?.revision
        if (!notice && !isNew) return
        result = notice ?? frame?.acts.undo ?? ''
        turn = untrack(() => turn) + 1
    })
</script>

<p class="sr-only" role="status">
    {#key turn}<span>{result}</span>{/key}
</p>
<p class="said" class:isShown={saying.text} role="status">
    {#key saying.turn}<span>{saying.text}</span>{/key}
</p>

<style>
    .said {
        position: absolute;
        z-index: 8;
        bottom: 1rem;
        left: 50%;
        max-width: min(40rem, 90vw);
        padding: 0.75rem 1.25rem;
        border-radius: var(--radius);
        background: var(--ink);
        color: var(--sheet);
        font-weight: 600;
        translate: -50%;
    }

    .said:not(.isShown) {
        clip-path: inset(50%);
    }
</style>
