<script lang="ts">
    import ArrowDown from '@lucide/svelte/icons/arrow-down'
    import ArrowUp from '@lucide/svelte/icons/arrow-up'
    import Trash2 from '@lucide/svelte/icons/trash-2'
    import type { Snippet } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import type { Desk } from './desk.svelte'

    interface Props {
        desk: Desk
        /** Its row number, and the place of its faults. */
        n: number
        place: string
        name: string
        head: Snippet
        children: Snippet
    }

    /** One row of a sketch or an arrangement that is being written. It can be moved and removed. */
    let { desk, n, place, name, head, children }: Props = $props()
</script>

<li class:wrong={desk.isWrong(place)}>
    <div>
        {@render head()}
        <span class="acts">
            <Button also="Move {name} towards the base" disabled={n === 0} onclick={() => desk.move(n, -1)}>
                <ArrowUp size={16} />
            </Button>
            <Button also="Move {name} away from the base" disabled={n === desk.rows.length - 1} onclick={() => desk.move(n, 1)}>
                <ArrowDown size={16} />
            </Button>
            <Button also="Take {name} out" onclick={() => desk.takeOut(n)}><Trash2 size={16} /></Button>
        </span>
    </div>
    {@render children()}
</li>

<style>
    li {
        padding: 0.5rem 0.75rem;
        border-left: 3px solid var(--line);
        border-bottom: 1px solid var(--line);
    }

    .wrong {
        border-left-color: var(--madder);
    }

    li > div,
    li > :global(div) {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 0.75rem;
        padding: 0.1875rem 0;
    }

    .acts {
        display: inline-flex;
        gap: 0.25rem;
        margin-left: auto;
    }

    li :global(label) {
        display: inline-flex;
        align-items: center;
        gap: 0.375rem;
        min-height: var(--target);
        color: var(--ink-soft);
        font-size: var(--small);
    }

    li :global(label :is(input, select)) {
        color: var(--ink);
        font-size: var(--body);
    }
</style>
