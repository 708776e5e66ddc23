<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import ChooseCards from '@/parts/ChooseCards.svelte'
    import Frame from '@/parts/Frame.svelte'
    import ReadFile from '@/parts/ReadFile.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { RecipesPage } from '@/lib/props'

    let { recipes, broken, cards, goods, usual }: RecipesPage = $props()

    const frame = $derived(kit.frame)
    let typed = $state<string | null>(null)
    const name = $derived(typed ?? usual)
    let left = $state<number[]>([])
    let field = $state<HTMLInputElement>()
    const kept = $derived(cards.filter((card) => !left.includes(card.id)))
    const choices = $derived(cards.map(({ id, number, sketch, occasion }) => ({ id, says: `${number} ${sketch}, ${occasion}` })))

    function keep(event: SubmitEvent): void {
        event.preventDefault()
        sender.send('recipes', { name, cards: kept.map((card) => card.id).join(',') }, { keeps: 'errors' })
    }

    useKeys(() => [
        { key: 'm', shown: 'M', says: 'Compute a recipe', run: () => router.visit(`${frame.url}/recipes/make`) },
        { key: 'k', shown: 'K', says: 'Save these cards as a recipe', run: () => field?.focus() },
    ])
</script>

<Frame title="Recipes">
    <SurfaceDefs {goods} />
    <div class="place abreast">
        <section aria-labelledby="recipes-title">
            <div class="head">
                <h1 id="recipes-title">Recipes: cards to make again with other papers</h1>
                <Button key="M" href="{frame.url}/recipes/make">Compute a recipe</Button>
            </div>
            <ul class="shelf">
                {#each recipes as recipe (recipe.key)}
                    <li>
                        <div>
                            <h2><a href="{frame.url}/recipes/{recipe.key}/look">{recipe.name}</a></h2>
                            <p class="soft">{recipe.about}{recipe.isOwn ? '' : ' · computed, comes with Keep Share'}</p>
                            <div class="fronts">
                                {#each recipe.fronts as front (front.number)}<CardFront {front} {goods} side={74} />{/each}
                            </div>
                        </div>
                        <div class="acts">
                            <Button main href="{frame.url}/recipes/{recipe.key}/lay">Use it with this kit</Button>
                            <Button href="{frame.url}/recipes/{recipe.key}/look">View the recipe</Button>
                        </div>
                    </li>
                {/each}
            </ul>
            {#each broken as { key, name, why } (key)}
                <div class="broken">
                    <p><b>{name}</b> cannot be shown. {why}</p>
                    <Button disabled={sender.isBusy} onclick={() => sender.send(`recipes/${key}`, {}, { method: 'delete' })}>
                        Delete {name}
                    </Button>
                </div>
            {/each}
        </section>
        <aside>
            <section aria-labelledby="keep-title">
                <h2 id="keep-title">Save these cards as a recipe</h2>
                {#if cards.length === 0}
                    <p class="soft">
                        There are no cards yet. Share the kit out first. Then you can save its cards as a recipe, without their papers.
                    </p>
                {:else}
                    <form onsubmit={keep} novalidate>
                        <label for="recipe-name">Name</label>
                        <input
                            id="recipe-name"
                            bind:this={field}
                            value={name}
                            maxlength="60"
                            autocomplete="off"
                            aria-invalid={!!kit.errors['name']}
                            aria-describedby={kit.errors['name'] ? 'name-fault' : undefined}
                            oninput={(event) => (typed = event.currentTarget.value)}
                        />
                        {#if kit.errors['name']}<p id="name-fault" class="fault" role="alert">{kit.errors['name']}</p>{/if}
                        <ChooseCards cards={choices} bind:left />
                        {#if kit.errors['cards']}<p class="fault" role="alert">{kit.errors['cards']}</p>{/if}
                        <Button main type="submit" key="K" disabled={kept.length === 0}>Save as a recipe</Button>
                    </form>
                {/if}
            </section>
            <section aria-labelledby="read-title">
                <h2 id="read-title">Read one from a file</h2>
                <ReadFile path="recipes/read" field="recipe" label="A recipe that somebody handed on" accept=".json,application/json" />
            </section>
        </aside>
    </div>
</Frame>

<style>
    .place {
        --columns: minmax(0, 1fr) minmax(0, 20rem);
    }

    .head,
    .fronts,
    .acts {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.75rem;
    }

    .head {
        justify-content: space-between;
    }

    h2 {
        font-size: var(--title);
    }

    .broken {
        padding: 1rem 0;
        border-top: 1px solid var(--line);
    }

    .shelf {
        margin: 1rem 0 0;
        padding: 0;
        list-style: none;
    }

    .shelf li {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        justify-content: space-between;
        gap: 1rem;
        padding: 1rem 0;
        border-top: 1px solid var(--line);
    }

    .fronts {
        margin-top: 0.625rem;
    }

    .soft {
        color: var(--ink-soft);
    }

    aside,
    form {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        align-content: start;
        gap: 0.5rem;
    }

    aside {
        gap: 2rem;
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
    }
</style>
