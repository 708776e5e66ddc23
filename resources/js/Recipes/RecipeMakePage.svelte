<script lang="ts">
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import FrontList from './FrontList.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import UnderWay from '@/parts/UnderWay.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { RecipeMakePage } from '@/lib/props'

    let { asked, making, made, goods, mostSeconds }: RecipeMakePage = $props()

    const typed = $state(untrack(() => ({ ...asked })))
    let named = $state<string | null>(null)
    let first = $state<HTMLInputElement>()
    const name = $derived(named ?? made?.name ?? '')
    const isUnderWay = $derived(making?.isUnderWay ?? false)

    const fields: { key: keyof typeof typed; label: string; hint: string }[] = [
        { key: 'sheets', label: 'Sheets', hint: 'each of a print of its own' },
        { key: 'sheet', label: 'Size of a sheet', hint: '6 x 6, 12 x 12, 15 x 15 cm' },
        { key: 'front', label: 'Card front', hint: 'A2, A6, 5x7, or a size' },
        { key: 'cards', label: 'Cards', hint: 'max, or how many' },
        { key: 'alike', label: 'Alike', hint: 'no more on one sketch in the same measures' },
        { key: 'papers', label: 'Papers on a card', hint: 'at least; empty for two, or one from one sheet' },
        { key: 'seconds', label: 'Seconds', hint: 'how long to search; you can stop it' },
    ]

    poll(['making', 'made', 'goods'], () => isUnderWay)

    function begin(event?: SubmitEvent): void {
        event?.preventDefault()
        named = null
        sender.send('recipes/make', { ...typed })
    }

    function keep(event?: SubmitEvent): void {
        event?.preventDefault()
        if (made && !isUnderWay) sender.send('recipes/make/keep', { name }, { keeps: 'errors' })
    }

    useKeys(() => [
        { key: 'n', shown: 'N', says: 'Say what it is to be made of', run: () => first?.focus() },
        { key: 'g', shown: 'G', says: 'Compute it', run: () => begin() },
        { key: 's', shown: 'S', says: 'Stop with the best so far', run: () => isUnderWay && sender.send('recipes/make/stop') },
        { key: 'k', shown: 'K', says: 'Save it', run: () => keep() },
    ])
</script>

<Frame title="Compute a recipe">
    <SurfaceDefs {goods} />
    <div class="place abreast">
        <form onsubmit={begin} novalidate>
            <h1>Compute a recipe</h1>
            <p class="soft">
                The most cards from a number of sheets, with no waste. Every piece is on a card, and no card has the same print twice.
            </p>
            {#each fields as field, i (field.key)}
                {@const fault = sender.at === 'recipes/make' ? kit.errors[field.key] : undefined}
                <label for="make-{field.key}">{field.label}</label>
                {#if i === 0}
                    <input
                        id="make-{field.key}"
                        bind:this={first}
                        bind:value={typed[field.key]}
                        autocomplete="off"
                        aria-invalid={!!fault}
                        aria-describedby="hint-{field.key}"
                    />
                {:else}
                    <input
                        id="make-{field.key}"
                        bind:value={typed[field.key]}
                        autocomplete="off"
                        aria-invalid={!!fault}
                        aria-describedby="hint-{field.key}"
                    />
                {/if}
                <p id="hint-{field.key}" class={fault ? 'fault' : 'soft'} role={fault ? 'alert' : undefined}>
                    {fault ?? (field.key === 'seconds' ? `${field.hint}; up to ${mostSeconds}` : field.hint)}
                </p>
            {/each}
            <div class="acts">
                <Button main type="submit" key="G" disabled={isUnderWay}>Compute</Button>
                <Button href="{kit.frame.url}/recipes">Recipes</Button>
            </div>
        </form>
        <section aria-label="What was found">
            {#if making}
                <UnderWay
                    isUnderWay={making.isUnderWay}
                    isFault={making.isFault}
                    done={making.done}
                    of={100}
                    doing={made ? `${made.about}` : 'Looking'}
                    counts="Of the time"
                    onstop={() => sender.send('recipes/make/stop')}
                >
                    {made ? `${made.about}. ${made.says}` : making.says}
                </UnderWay>
            {:else}
                <p class="soft">Six sheets of 6 × 6 in give some twenty cards A2; one of 12 × 12 in gives nine and more.</p>
            {/if}
            {#if made}
                {#if !isUnderWay}
                    <form class="keep" onsubmit={keep} novalidate>
                        <label for="made-name">Name</label>
                        <input
                            id="made-name"
                            value={name}
                            maxlength="60"
                            autocomplete="off"
                            aria-invalid={!!kit.errors['name']}
                            oninput={(event) => (named = event.currentTarget.value)}
                        />
                        <Button main type="submit" key="K">Save it</Button>
                        {#if kit.errors['name']}<p class="fault" role="alert">{kit.errors['name']}</p>{/if}
                    </form>
                {/if}
                <FrontList fronts={made.fronts} {goods} />
            {/if}
        </section>
    </div>
</Frame>

<style>
    .place {
        --columns: minmax(0, 20rem) minmax(0, 1fr);
    }

    form {
        display: grid;
        align-content: start;
        gap: 0.25rem;
    }

    label {
        margin-top: 0.5rem;
        font-weight: 600;
    }

    .acts,
    .keep {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
        margin-top: 0.75rem;
    }

    .soft {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
    }
</style>
