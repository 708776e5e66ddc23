<script lang="ts">
    import { onMount } from 'svelte'
    import { afterActs, lookOn } from '@/lib/send.svelte'
    import type { DryingStep } from '@/lib/props'

    /** What must be left to dry, and until when. The clocks are the server's, so they go on while the page is closed. */
    let { drying, ondry }: { drying: DryingStep[]; ondry?: (step: DryingStep) => void } = $props()

    const clock = new Intl.DateTimeFormat(navigator.language, { hour: 'numeric', minute: '2-digit' })

    /** The server says how long it takes from now, so a tablet with a wrong clock rings in time too. */
    onMount(() => {
        const timers = drying.map((step) =>
            setTimeout(
                () => {
                    ondry?.(step)
                    afterActs(() => lookOn({ except: ['errors'] }))
                },
                Math.min(step.seconds * 1000, 2_000_000_000),
            ),
        )
        return () => timers.forEach(clearTimeout)
    })
</script>

{#if drying.length}
    <aside aria-label="Drying">
        <b>Drying: do not touch</b>
        <ul>
            {#each drying as step, n (n)}
                <li>card {step.card}, {step.says.toLowerCase()}: <b>until {clock.format(new Date(step.until))}</b></li>
            {/each}
        </ul>
    </aside>
{/if}

<style>
    aside {
        padding: 0.75rem 1rem;
        border-radius: var(--radius);
        background: var(--kraft-soft);
        color: var(--kraft-ink);
        font-size: var(--large);
    }

    ul {
        margin: 0.25rem 0 0;
        padding: 0;
        list-style: none;
    }
</style>
