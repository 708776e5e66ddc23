<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import type { Act } from './acts'

    /** Everything that can be done at the selected cell, for makers who point. The keys do the same. */
    let { acts, card, name }: { acts: Act[]; card: number | null; name: string } = $props()

    const groups = $derived([
        { of: 'cell', title: card === null ? `Keep, ${name}` : `Card ${card}, ${name}` },
        { of: 'row', title: name },
        { of: 'card', title: card === null ? 'Cards' : `Card ${card}` },
    ])
    let isOpen = $state(false)
</script>

<details bind:open={isOpen}>
    <summary>Actions <small>all keys <kbd>?</kbd></small></summary>
    <div class="sheet">
        {#each groups as group (group.of)}
            <section>
                <h2>{group.title}</h2>
                {#each acts.filter((act) => act.of === group.of) as act (act.key)}
                    <Button key={act.shown ?? act.key} onclick={() => (act.run(), (isOpen = false))}>{act.says}</Button>
                {/each}
            </section>
        {/each}
    </div>
</details>

<style>
    details {
        position: relative;
    }

    summary {
        display: flex;
        align-items: center;
        gap: 0.75rem;
        min-height: var(--target);
        padding: 0 1rem;
        border: 1px solid var(--line-strong);
        border-radius: var(--radius);
        font-weight: 600;
        list-style: none;
        cursor: pointer;
    }

    summary::-webkit-details-marker {
        display: none;
    }

    small {
        color: var(--ink-soft);
        font-weight: 400;
    }

    kbd {
        padding: 0 0.4em;
        border: 1px solid var(--line-strong);
        border-radius: 3px;
        font: inherit;
    }

    .sheet {
        position: absolute;
        right: 0;
        bottom: calc(100% + 0.5rem);
        z-index: 6;
        display: grid;
        gap: 0.75rem;
        width: max-content;
        max-width: 34rem;
        padding: 1rem;
        border: 1px solid var(--line-strong);
        border-radius: var(--radius);
        background: var(--sheet);
        box-shadow: var(--shadow);
    }

    section {
        display: flex;
        flex-wrap: wrap;
        gap: 0.375rem;
    }

    h2 {
        flex-basis: 100%;
        font-size: var(--small);
        font-weight: 600;
        color: var(--ink-soft);
    }
</style>
