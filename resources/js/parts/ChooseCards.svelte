<script lang="ts">
    interface Props {
        cards: { id: number; says: string }[]
        /** Those that are left out. */
        left: number[]
    }

    /** Some cards. At first all of them. */
    let { cards, left = $bindable() }: Props = $props()

    const toggle = (id: number): void => {
        left = left.includes(id) ? left.filter((one) => one !== id) : [...left, id]
    }
</script>

<fieldset>
    <legend>{cards.length - left.length} of {cards.length} cards</legend>
    {#each cards as card (card.id)}
        <label>
            <input type="checkbox" checked={!left.includes(card.id)} onchange={() => toggle(card.id)} />
            {card.says}
        </label>
    {/each}
</fieldset>

<style>
    fieldset {
        min-width: 0;
        max-height: 20rem;
        padding: 0.25rem 0.75rem 0.5rem;
        overflow: auto;
        border: 1px solid var(--line);
    }

    label {
        display: flex;
        gap: 0.5rem;
        padding: 0.25rem 0;
        font-weight: 400;
    }
</style>
