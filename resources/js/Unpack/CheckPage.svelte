<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import ToShareOut from '@/parts/ToShareOut.svelte'
    import CheckRow from './CheckRow.svelte'
    import { count } from '@/lib/format'
    import { kit } from '@/lib/kit'
    import { untrack } from 'svelte'
    import { toNeighbour, useKeys } from '@/lib/keys.svelte'
    import type { CheckPage } from '@/lib/props'

    let { groups, guesses, goods, atMost }: CheckPage = $props()

    /** Doubtful lines come first. A line stays where it was on arrival, so that nothing jumps. */
    const weights = untrack(() => {
        const doubtful = groups.flatMap(({ lines }) => lines).filter(({ guesses }) => guesses.length > 0)
        return new Map(doubtful.map(({ id, guesses }) => [id, guesses.length]))
    })
    const weight = ({ id }: { id: number }): number => weights.get(id) ?? 0
    const all = $derived(groups.flatMap(({ lines }) => lines))
    const shown = $derived(
        [
            { title: 'Look at these first', lines: all.filter(({ id }) => weights.has(id)).sort((a, b) => weight(b) - weight(a)) },
            ...groups.map(({ title, lines }) => ({ title, lines: lines.filter(({ id }) => !weights.has(id)) })),
        ].filter(({ lines }) => lines.length > 0),
    )

    let list = $state<HTMLElement>()
    const fields = (): HTMLInputElement[] => [...(list?.querySelectorAll<HTMLInputElement>('input[data-column]') ?? [])]

    // The first doubtful value is selected on arrival.
    $effect(() => {
        if (weights.size) untrack(fields)[0]?.focus()
    })

    /** To the field above or below in the same column. */
    function onkey(event: KeyboardEvent): void {
        const here = event.target
        if (!(here instanceof HTMLInputElement)) return
        toNeighbour(
            event,
            fields().filter((one) => one.dataset['column'] === here.dataset['column']),
        )
    }

    useKeys(() => [
        { key: 'c', shown: 'C', says: 'Go to the lines: ↑ ↓ to the next, Enter keeps what is typed', run: () => fields()[0]?.focus() },
        {
            key: 'g',
            shown: 'G',
            says: 'To the next line with something assumed',
            run: () => list?.querySelector<HTMLElement>('[data-guess] input')?.focus(),
        },
    ])
</script>

<Frame title="Check lines">
    {#if groups.length === 0}
        <Empty title="No lines yet">
            <p>Write or paste the packing list first. Then check and correct all of it here.</p>
            <Button main href="{kit.frame.url}/add">Add lines</Button>
        </Empty>
    {:else}
        <SurfaceDefs {goods} />
        <div class="place">
            <h1>Is it all as the list says?</h1>
            <p class="soft">
                {guesses
                    ? `Of ${count(guesses, 'line')} something was not said. What was assumed stands beside them.`
                    : 'Nothing had to be assumed.'} Correct here what was misread. Sizes can change until something is cut from it.
            </p>
            {#if atMost}<ToShareOut {atMost} onCheck />{/if}
            <!-- svelte-ignore a11y_no_static_element_interactions -->
            <div class="list" bind:this={list} onkeydown={onkey}>
                {#each shown as group (group.title)}
                    <section aria-label={group.title}>
                        <h2>{group.title}</h2>
                        <ul>
                            {#each group.lines as line (line.id)}<CheckRow {line} good={goods[line.good]} />{/each}
                        </ul>
                    </section>
                {/each}
            </div>
        </div>
    {/if}
</Frame>

<style>
    .place {
        max-width: 76rem;
        padding: 1.25rem 1.5rem 3rem;
    }

    h2 {
        margin: 1.25rem 0 0.25rem;
        font-size: var(--large);
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }
</style>
