<script lang="ts">
    import CardFront from '@/parts/CardFront.svelte'
    import ToPick from '@/parts/ToPick.svelte'
    import type { Goods, OtherArrangement } from '@/lib/props'

    interface Props {
        others: OtherArrangement[]
        goods: Goods
        /** Some of the pieces are already glued on the card. */
        isGlued: boolean
        onpick: (key: string) => void
    }

    /** The other arrangements of the same pieces, drawn small, the best first. */
    let { others, goods, isGlued, onpick }: Props = $props()

    const note = (one: OtherArrangement): string =>
        one.leavesOff ? `without ${one.leavesOff}` : one.isSound ? '' : 'breaks a rule of the craft'
</script>

{#if others.length === 0}
    <p>
        {isGlued
            ? 'What is glued on stays where it is. To arrange it again, take its steps back on Make first.'
            : 'These pieces have no other arrangement. Add one, or leave one off, and others come.'}
    </p>
{/if}
<ul>
    {#each others as one (one.key)}
        <li>
            <ToPick name={one.name} note={note(one)} onpick={() => onpick(one.key)}>
                <CardFront front={one.front} {goods} side={124} />
            </ToPick>
        </li>
    {/each}
</ul>

<style>
    ul {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        width: 8.5rem;
    }
</style>
