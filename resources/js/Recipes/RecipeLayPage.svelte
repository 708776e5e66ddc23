<script lang="ts">
    import { tick } from 'svelte'
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import Frame from '@/parts/Frame.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import Swatch from '@/parts/Swatch.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { LaidLetter, RecipeLayPage } from '@/lib/props'

    let props: RecipeLayPage = $props()
    const { key, name, isLooking, stash, hasStash, kits } = $derived(props)

    // The old result stays visible while a new one is computed.
    let known = $state.raw<RecipeLayPage>()
    $effect(() => {
        if (!isLooking) known = { ...props }
    })
    const { all, letters, cards, falls, lacks, chosen, how, goods } = $derived(isLooking ? (known ?? props) : props)

    const url = $derived(`${kit.frame.url}/recipes/${key}`)
    const path = $derived(`recipes/${key}/lay`)
    const asked = $derived(kits.filter((one) => one.isChosen).map((one) => one.id))
    let at = $state(0)
    let rows = $state<HTMLElement>()

    const current = (letter: LaidLetter): number =>
        Math.max(
            0,
            letter.choices.findIndex((choice) => choice.isTaken),
        )

    /** Shows it with other papers. Nothing is written. */
    function show(change: { letters?: string; stash?: 0 | 1; kits?: string }): void {
        const now = { letters: '', stash: stash ? 1 : 0, kits: asked.join(',') }
        router.get(
            `${url}/lay`,
            { ...now, ...change },
            {
                preserveState: true,
                preserveScroll: true,
                replace: true,
                onFinish: () => void tick().then(toRow),
            },
        )
    }

    function other(letter: LaidLetter, by: number): void {
        const next = letter.choices[(current(letter) + by + letter.choices.length) % letter.choices.length]
        if (next) show({ letters: next.letters })
    }

    const toRow = (): void => rows?.querySelectorAll<HTMLElement>('[data-letter]')[at]?.focus()

    function move(by: number): void {
        at = Math.max(0, Math.min(letters.length - 1, at + by))
        toRow()
    }

    poll(['isLooking', 'all', 'letters', 'cards', 'falls', 'lacks', 'chosen', 'how', 'goods'], () => isLooking)

    const inHand = (by: number): void => {
        const letter = letters[at]
        if (letter) other(letter, by)
    }

    // What is visible meanwhile is not what was asked for.
    function lay(): void {
        if (!isLooking) sender.send(path, { letters: chosen, stash: stash ? 1 : 0, kits: asked.join(',') })
    }

    const toggleKit = (id: number): void => {
        const next = asked.includes(id) ? asked.filter((one) => one !== id) : [...asked, id]
        show({ kits: next.join(',') })
    }

    useKeys(() => [
        { key: 'ArrowDown', shown: '↓', says: 'Next letter', run: () => move(1) },
        { key: 'ArrowUp', shown: '↑', says: 'Letter before', run: () => move(-1) },
        { key: 'n', shown: 'N', says: 'The next best paper for the chosen letter', run: () => inHand(1) },
        { key: 'p', shown: 'P', says: 'The paper before', run: () => inHand(-1) },
        { key: 'b', shown: 'B', says: 'The best papers again', run: () => show({}) },
        { key: 'l', shown: 'L', says: 'Make these cards', run: lay },
    ])
</script>

<Frame title="Use a recipe">
    <SurfaceDefs {goods} />
    <div class="head">
        <div>
            <h1>{name} on {kit.frame.name}</h1>
            <p role="status">
                {#if isLooking}Looking for the best papers…{:else if chosen}{cards.length} of {all} cards can be made. {how}{:else}No card
                    can be made from it.{/if}
            </p>
        </div>
        <div class="acts">
            <Button main key="L" disabled={cards.length === 0 || isLooking || sender.isBusy} onclick={lay}
                >Make {cards.length || 'the'} cards</Button
            >
            <Button key="B" onclick={() => show({})}>The best papers</Button>
            <Button href="{url}/look">The recipe</Button>
        </div>
    </div>
    <div class="place abreast" class:isLooking aria-busy={isLooking}>
        <section aria-labelledby="letters-title">
            <h2 id="letters-title">Which paper takes which letter</h2>
            <div bind:this={rows}>
                {#each letters as letter, i (letter.letter)}
                    {@const n = current(letter)}
                    {@const choice = letter.choices[n]}
                    {#if choice}
                        {@const face = goods[choice.paper.component]?.faces[choice.paper.face]}
                        <div class="letter" class:inHand={i === at}>
                            <button
                                type="button"
                                class="row"
                                data-letter={letter.letter}
                                aria-current={i === at ? 'true' : undefined}
                                onfocus={() => (at = i)}
                                onclick={() => (at = i)}
                            >
                                <b>{letter.letter}</b>
                                {#if face}<Swatch
                                        component={choice.paper.component}
                                        index={choice.paper.face}
                                        {face}
                                        width={22}
                                        height={12}
                                    />{/if}
                                <span>
                                    {choice.paper.name}{choice.paper.kit ? `, from ${choice.paper.kit}` : ''}
                                    <small>{letter.asks}</small>
                                </span>
                            </button>
                            <span class="next">
                                <Button
                                    also="{letter.letter}: the paper before"
                                    disabled={letter.choices.length < 2}
                                    onclick={() => {
                                        at = i
                                        other(letter, -1)
                                    }}><span aria-hidden="true">‹</span></Button
                                >
                                <Button
                                    key={i === at ? 'N' : undefined}
                                    also="{letter.letter}: the next best paper"
                                    disabled={letter.choices.length < 2}
                                    onclick={() => {
                                        at = i
                                        other(letter, 1)
                                    }}><span aria-hidden="true">›</span></Button
                                >
                            </span>
                        </div>
                    {/if}
                {/each}
            </div>
            {#if hasStash}
                <label class="tick"
                    ><input type="checkbox" checked={stash} onchange={() => show({ stash: stash ? 0 : 1 })} /> with the stash</label
                >
            {/if}
            {#if kits.length}
                <fieldset>
                    <legend>Papers of other kits (their sheets move to this kit)</legend>
                    {#each kits as one (one.id)}
                        <label class="tick"
                            ><input type="checkbox" checked={one.isChosen} onchange={() => toggleKit(one.id)} /> {one.name}</label
                        >
                    {/each}
                </fieldset>
            {/if}
            {#if lacks.length || falls.length}
                <h2>What is missing</h2>
                <ul class="lacks">
                    {#each falls as line (line)}<li>{line}</li>{/each}
                    {#each lacks as line (line)}<li>{line}</li>{/each}
                </ul>
                {#if cards.length}<p class="soft">What is missing stays open on its cards. You can add it later.</p>{/if}
            {:else if cards.length}
                <p class="soft">Nothing is missing.</p>
            {/if}
        </section>
        <section aria-labelledby="fronts-title">
            <h2 id="fronts-title">The cards as they would be</h2>
            <ol>
                {#each cards as card (card.number)}
                    <li>
                        <CardFront front={card.front} {goods} side={150} />
                        <span><b>{card.number}</b> {card.front.sketch}, {card.front.occasion}</span>
                        {#each card.notes as note (note)}<small>{note}</small>{/each}
                    </li>
                {/each}
            </ol>
        </section>
    </div>
</Frame>

<style>
    .head,
    .acts,
    .next {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
    }

    .head {
        justify-content: space-between;
        padding: 1rem 1.5rem 0;
    }

    /* These belong to the papers before. */
    .isLooking :global(svg) {
        opacity: 0.4;
    }

    .place {
        --columns: minmax(0, 25rem) minmax(0, 1fr);
    }

    h2 {
        margin: 0.75rem 0 0.375rem;
        font-size: var(--title);
    }

    .letter {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        align-items: center;
        gap: 0.5rem;
        padding: 0.25rem 0.5rem;
        border-left: 4px solid transparent;
        border-bottom: 1px solid var(--line);
    }

    .letter.inHand {
        border-left-color: var(--here);
        background: var(--here-soft);
    }

    .row {
        display: flex;
        min-width: 0;
        width: 100%;
        align-items: center;
        gap: 0.75rem;
        padding: 0.25rem;
        border: 0;
        background: none;
        color: inherit;
        font: inherit;
        text-align: left;
        cursor: pointer;
    }

    .row b {
        flex: none;
        width: 1.5rem;
        font-size: 1.375rem;
    }

    small {
        display: block;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    ol {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(10rem, 1fr));
        gap: 1.25rem 1rem;
        margin: 0.5rem 0;
        padding: 0;
        list-style: none;
    }

    li {
        align-content: end;
    }

    ol li {
        display: grid;
        gap: 0.375rem;
    }

    .lacks {
        margin: 0;
        padding-left: 1.25rem;
    }

    .tick {
        display: flex;
        gap: 0.5rem;
        padding: 0.375rem 0;
    }

    fieldset {
        margin: 0.25rem 0;
        border: 1px solid var(--line);
    }

    .soft {
        color: var(--ink-soft);
    }
</style>
