<script lang="ts">
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import { typed } from './typed.svelte'
    import Button from '@/parts/Button.svelte'
    import Frontier from './Frontier.svelte'
    import WishGroup from './WishGroup.svelte'
    import WantedCounts from './WantedCounts.svelte'
    import type { ShareOutPage } from '@/lib/props'

    /** The wishes for new cards, a question a group, each with its effect on the possible number of cards. */
    interface Props {
        taste: ShareOutPage['taste']
        wishes: ShareOutPage['wishes']
        frontier: ShareOutPage['frontier']
        isSolving: boolean
        /** How many cards there can be is shown on the page already. */
        hasFrontier?: boolean
        onclose?: () => void
    }
    let { taste, wishes, frontier, isSolving, hasFrontier = false, onclose }: Props = $props()

    const frame = $derived(kit.frame)
    const errors = $derived(kit.errors)
    const usual = $derived(frame.unit === 'in' ? '1/8' : '3')
    const effects = $derived(wishes.effects)

    const written = (ones: ShareOutPage['taste']['wanted']) =>
        Object.fromEntries(ones.map((one) => [one.key, one.many ? String(one.many) : '']))
    const many = typed(() => written(taste.wanted))
    const folds = typed(() => written(taste.folds))
    const wish = typed(() => ({
        frame: taste.frame,
        set: taste.set,
        savesOne: taste.savesOne,
        insides: taste.insides,
        envelopes: taste.envelopes,
        wordless: taste.wordless,
        least: taste.least,
        follows: taste.follows,
        stash: wishes.stash,
        words: wishes.words,
        stashCards: taste.stashCards,
        trimmer: taste.trimmer,
    }))

    /** Saved as soon as it is changed. A refusal is shown at its field, and what was typed stays. */
    const keep = (): void => sender.send('taste', { ...wish, wanted: { ...many }, folds: { ...folds } })

    function cover(frame: string): void {
        wish.frame = frame
        keep()
    }
</script>

<div class="wishes">
    <header>
        <h2>Wishes for new cards</h2>
        {#if onclose}<Button key="W" onclick={onclose}>Close</Button>{/if}
    </header>
    <WishGroup title="How many?" effect={effects.many}>
        <label
            >of each card <input
                type="number"
                min="1"
                max="24"
                bind:value={wish.set}
                onchange={keep}
                aria-invalid={!!errors['set']}
            /></label
        >
        {#if errors['set']}<p class="fault" role="alert">{errors['set']}</p>{/if}
        {#if !hasFrontier}<Frontier {frontier} {isSolving} stash={wish.stash} words={wish.words} />{/if}
        <label
            >pieces on each
            <select value={taste.pieces} onchange={(event) => sender.send('arrange/many', { pieces: event.currentTarget.value })}>
                <option value="few">few: picture and words</option>
                <option value="some">some: three to five</option>
                <option value="many">many: five to nine</option>
            </select></label
        >
    </WishGroup>
    <WishGroup title="What must a card at least be?" effect={effects.least}>
        <!-- The drawings come by themselves, so that the page is not larger for them. -->
        {#await import('./AtLeast.svelte') then { default: AtLeast }}
            <AtLeast choices={taste.leasts} bind:value={wish.least} onchoose={keep} />
        {/await}
    </WishGroup>
    <WishGroup title="For whom?">
        <p class="soft">At least this many cards. You are told if any are missing.</p>
        <WantedCounts ones={taste.wanted} typed={many} field="wanted" onkeep={keep} />
        {#if taste.daysNeed}
            <p class="soft">The next three months need {taste.daysNeed}.</p>
            <Button onclick={() => sender.send('/people/ask', { kit: kit.frame.url.split('/')[2] ?? '' }, { keeps: 'errors' })}>
                Ask for those
            </Button>
        {/if}
        {#if errors['wanted']}<p class="fault" role="alert">{errors['wanted']}</p>{/if}
    </WishGroup>
    <WishGroup title="Which words?" effect={effects.words}>
        <label
            >the same words
            <select bind:value={wish.words} onchange={keep}>
                {#each wishes.often as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
            </select></label
        >
        <label class="tick"><input type="checkbox" bind:checked={wish.wordless} onchange={keep} /> Some cards may have no words</label>
    </WishGroup>
    <WishGroup title="Which paper?" effect={effects.paper}>
        {#if wishes.hasStash}
            <label class="tick"
                ><input type="checkbox" bind:checked={wish.stash} onchange={keep} /> Use the stash too, where the kit runs out</label
            >
            <label
                >for up to <input
                    bind:value={wish.stashCards}
                    size="2"
                    inputmode="numeric"
                    placeholder="all"
                    onchange={keep}
                    aria-invalid={!!errors['stashCards']}
                /> cards</label
            >
            {#if errors['stashCards']}<p class="fault" role="alert">{errors['stashCards']}</p>{/if}
        {/if}
        <label class="tick"><input type="checkbox" bind:checked={wish.savesOne} onchange={keep} /> Save one of each</label>
        <label
            >my trimmer cuts up to <input
                bind:value={wish.trimmer}
                size="4"
                placeholder="any"
                onchange={keep}
                aria-invalid={!!errors['trimmer']}
            />
            {frame.unit}</label
        >
        {#if errors['trimmer']}<p class="fault" role="alert">{errors['trimmer']}</p>{/if}
    </WishGroup>
    <WishGroup title="Which folds?" effect={effects.folds}>
        <p class="soft">How many cards with another fold than the bases have.</p>
        <WantedCounts ones={taste.folds} typed={folds} field="folds" onkeep={keep} />
    </WishGroup>
    <WishGroup title="Which fronts?" effect={effects.fronts}>
        <div role="group" aria-label="The front" class="school">
            <Button aria-pressed={wish.frame !== '0'} onclick={() => cover('')}>Framed</Button>
            <Button aria-pressed={wish.frame === '0'} onclick={() => cover('0')}>Covered to the edge</Button>
        </div>
        {#if wish.frame !== '0'}
            <label
                >frame <input bind:value={wish.frame} placeholder={usual} size="4" onchange={keep} aria-invalid={!!errors['frame']} />
                {frame.unit}</label
            >
        {/if}
        {#if errors['frame']}<p class="fault" role="alert">{errors['frame']}</p>{/if}
        <label class="tick"><input type="checkbox" bind:checked={wish.insides} onchange={keep} /> Panels inside</label>
        <label class="tick"><input type="checkbox" bind:checked={wish.envelopes} onchange={keep} /> Every card has an envelope</label>
        {#if taste.designs.length}
            <label class="tick" title={taste.designs.join(', ')}
                ><input type="checkbox" bind:checked={wish.follows} onchange={keep} /> Follow the kit’s {taste.designs.length === 1
                    ? 'design'
                    : `${taste.designs.length} designs`}</label
            >
        {/if}
    </WishGroup>
    <WishGroup title="What to use up?" effect={effects.uses}>
        {#if taste.uses.length}
            <ul>
                {#each taste.uses as use (use)}<li>{use}</li>{/each}
            </ul>
        {:else}
            <p class="soft">Nothing is set. In the grid, press U on a row to use it up, save it or never use it.</p>
        {/if}
    </WishGroup>
</div>

<style>
    .wishes {
        display: grid;
        align-content: start;
        gap: 0.25rem;
    }

    header {
        display: flex;
        align-items: center;
        justify-content: space-between;
        min-height: var(--target);
    }

    h2 {
        margin: 0;
        font-size: var(--body);
    }

    label,
    .school {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem 0.5rem;
    }

    .tick {
        min-height: var(--target);
    }

    .tick input {
        width: 1.125rem;
        height: 1.125rem;
        accent-color: var(--here);
    }

    ul {
        margin: 0;
        padding-left: 1.125rem;
    }

    .soft {
        margin: 0;
        color: var(--ink-soft);
    }
</style>
