<script lang="ts">
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import ChooseCards from '@/parts/ChooseCards.svelte'
    import Frame from '@/parts/Frame.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { ClassPage } from '@/lib/props'

    let { classes, cards, recipes, recipe, mostPeople }: ClassPage = $props()

    const frame = $derived(kit.frame)
    let name = $state('')
    let people = $state('12')
    let source = $state(untrack(() => recipe))
    let left = $state<number[]>([])
    let field = $state<HTMLInputElement>()
    const kept = $derived(cards.filter((card) => !left.includes(card.number)))
    const choices = $derived(cards.map(({ number, says }) => ({ id: number, says: `${number} ${says}` })))

    function prepare(event: SubmitEvent): void {
        event.preventDefault()
        const chosen = left.length === 0 ? '' : kept.map((card) => card.number).join(',')
        sender.send('class', { name, people, recipe: source, cards: chosen }, { keeps: 'errors' })
    }

    useKeys(() => [{ key: 'n', shown: 'N', says: 'Prepare another class', run: () => field?.focus() }])
</script>

<Frame title="For a class">
    <div class="place abreast">
        <section aria-labelledby="classes-title">
            <h1 id="classes-title">Classes</h1>
            {#if classes.length === 0}
                <p class="soft">
                    There are no classes yet. Choose the cards, or a recipe, and how many people come. This works out each bag, what to do
                    beforehand, the cuts and what to buy.
                </p>
            {/if}
            <ul>
                {#each classes as one (one.id)}
                    <li>
                        <div>
                            <h2><a href="{frame.url}/class/{one.id}/look">{one.name}</a></h2>
                            <p class="soft">{one.people} people, {one.says}; {one.packed} of {one.people} bags packed</p>
                        </div>
                        <div class="acts">
                            <Button main href="{frame.url}/class/{one.id}/pack">Pack the bags</Button>
                            <Button href="{frame.url}/class/{one.id}/look">The plan</Button>
                            <Button also=": {one.name}" onclick={() => sender.send(`class/${one.id}`, {}, { method: 'delete' })}
                                >Delete the class</Button
                            >
                        </div>
                    </li>
                {/each}
            </ul>
        </section>
        <form onsubmit={prepare} novalidate aria-labelledby="new-title">
            <h2 id="new-title">Prepare a class</h2>
            <label for="class-name">Name</label>
            <input
                id="class-name"
                bind:this={field}
                bind:value={name}
                maxlength="60"
                placeholder="Tuesday evening"
                autocomplete="off"
                aria-invalid={!!kit.errors['name']}
                aria-describedby={kit.errors['name'] ? 'name-fault' : undefined}
            />
            {#if kit.errors['name']}<p id="name-fault" class="fault" role="alert">{kit.errors['name']}</p>{/if}
            <label for="class-people">People</label>
            <input
                id="class-people"
                bind:value={people}
                size="4"
                inputmode="numeric"
                autocomplete="off"
                aria-invalid={!!kit.errors['people']}
                aria-describedby="people-hint"
            />
            <p id="people-hint" class={kit.errors['people'] ? 'fault' : 'soft'} role={kit.errors['people'] ? 'alert' : undefined}>
                {kit.errors['people'] ?? `up to ${mostPeople}`}
            </p>
            <label for="class-source">Cards</label>
            <select id="class-source" bind:value={source}>
                <option value="">of the share-out of this kit</option>
                {#each recipes as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
            </select>
            {#if source === '' && cards.length}
                <ChooseCards cards={choices} bind:left />
            {/if}
            {#if kit.errors['cards']}<p class="fault" role="alert">{kit.errors['cards']}</p>{/if}
            <Button main type="submit" key="Enter">Prepare the class</Button>
        </form>
    </div>
</Frame>

<style>
    .place {
        --columns: minmax(0, 1fr) minmax(0, 22rem);
    }

    h2 {
        font-size: var(--title);
    }

    ul {
        margin: 0.75rem 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        justify-content: space-between;
        gap: 1rem;
        padding: 1rem 0;
        border-top: 1px solid var(--line);
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }

    form {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        align-content: start;
        gap: 0.375rem;
    }

    label {
        font-weight: 600;
    }

    .soft {
        color: var(--ink-soft);
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
    }
</style>
