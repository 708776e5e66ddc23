<script lang="ts">
    import { onMount } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Measure from '@/parts/Measure.svelte'

    interface Props {
        ways: string[]
        /** One for each way. */
        keys: string
        onmend: (way: string) => void
        onleave: () => void
        ongoon: () => void
    }

    /** Glued shut, upside down, torn, lost: what can be done with what is there. Nothing is recorded until one is chosen. */
    let { ways, keys, onmend, onleave, ongoon }: Props = $props()

    let title: HTMLElement
    onMount(() => {
        const before = document.activeElement
        title.focus()
        // The focus goes back to where it was before.
        return () => before instanceof HTMLElement && before.isConnected && before.focus()
    })
</script>

<section aria-labelledby="mending">
    <h2 id="mending" tabindex="-1" bind:this={title}>Ways to mend it from what is here</h2>
    {#each ways as way, n (way)}
        <Button key={keys.charAt(n)} onclick={() => onmend(way)}><Measure text={way} wraps /></Button>
    {:else}
        <p>Nothing here can replace it. Go on with it as it is, or give the card another sketch.</p>
    {/each}
    <div>
        <Button onclick={ongoon}>Go on as it is</Button>
        <Button key="Esc" onclick={onleave}>Close: there was no mistake</Button>
    </div>
</section>

<style>
    section {
        display: grid;
        gap: 0.5rem;
        padding: 0.75rem 1rem;
        border-left: 4px solid var(--madder);
        background: var(--rail);
        font-size: var(--large);
    }

    section :global(.button) {
        justify-content: space-between;
        padding-block: 0.5rem;
        text-align: left;
        white-space: normal;
    }

    h2 {
        margin: 0;
        font-size: var(--large);
    }

    div {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }
</style>
