<script lang="ts">
    import Minus from '@lucide/svelte/icons/minus'
    import Plus from '@lucide/svelte/icons/plus'
    import Button from '@/parts/Button.svelte'
    import type { CardActs } from './cardActs'
    import type { StuckPart } from '@/lib/props'
    import Filling from './Filling.svelte'

    /** What is stuck on, the base and the envelope, with one more or one fewer of what is counted. */
    let { stuck, acts }: { stuck: StuckPart[]; acts: CardActs } = $props()

    const more = (part: StuckPart, by: number): void => acts.act('quantity', { part: part.id, more: by })
</script>

<ul>
    {#each stuck as part (part.id)}
        <li>
            <b>{part.name}</b>
            <Filling {part} {acts} />
            {#if part.quantity !== null}
                <span>
                    <Button also="One fewer of the {part.name}" disabled={part.quantity < 2} onclick={() => more(part, -1)}
                        ><Minus size={16} /></Button
                    >
                    <b>{part.quantity}</b>
                    <Button also="One more of the {part.name}" onclick={() => more(part, 1)}><Plus size={16} /></Button>
                </span>
            {/if}
        </li>
    {/each}
</ul>

<style>
    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        grid-template-columns: 7.75rem minmax(0, 1fr) auto;
        align-items: center;
        gap: 0.75rem;
        padding: 0.25rem 0;
        border-bottom: 1px solid var(--line);
    }

    span {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
    }
</style>
