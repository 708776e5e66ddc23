<script lang="ts">
    import { untrack } from 'svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import Button from './Button.svelte'
    import type { Taste } from '@/lib/props'

    /** How new cards of the kit are to be: framed or covered to the edge, and the spread that is wanted. */
    let { taste, hasStash }: { taste: Taste; hasStash: boolean } = $props()

    const frame = $derived(kit.frame)
    const errors = $derived(kit.errors)
    const usual = $derived(frame.unit === 'in' ? '1/8' : '3')

    let width = $derived(taste.frame)
    const written = (ones: Taste['wanted']) => Object.fromEntries(ones.map((one) => [one.key, one.many ? String(one.many) : '']))
    let many = $state(untrack(() => written(taste.wanted)))
    let folds = $state(untrack(() => written(taste.folds)))

    /** Closed again once they are kept: the cards are what is looked at. A refusal opens it. */
    let isOpen = $state(false)
    $effect(() => {
        if (
            ['frame', 'trimmer', 'stashCards', 'wanted', 'set'].some((field) => errors[field]) ||
            Object.keys(errors).some((field) => field.includes('.'))
        )
            isOpen = true
    })

    let set = $derived(taste.set)
    let savesOne = $derived(taste.savesOne)
    let insides = $derived(taste.insides)
    let envelopes = $derived(taste.envelopes)
    let follows = $derived(taste.follows)
    let stashCards = $derived(taste.stashCards)
    let trimmer = $derived(taste.trimmer)

    const keep = (): void =>
        sender.send('taste', {
            frame: width,
            wanted: { ...many },
            folds: { ...folds },
            set,
            savesOne,
            insides,
            envelopes,
            follows,
            stashCards,
            trimmer,
        })
    const says = $derived(
        [
            taste.frame === '0' ? 'covered to the edge' : `framed, ${taste.frame || usual} ${frame.unit} showing`,
            ...(taste.set > 1 ? [`sets of ${taste.set}`] : []),
            ...(taste.follows && taste.designs.length ? ['the kit’s own designs first'] : []),
            ...(taste.insides ? ['a panel inside'] : []),
            ...(taste.envelopes ? ['no card without an envelope'] : []),
            ...(taste.savesOne ? ['one of each saved'] : []),
            ...(taste.stashCards ? [`the stash for up to ${taste.stashCards}`] : []),
            ...[...taste.wanted, ...taste.folds].filter((one) => one.many).map((one) => `${one.many} ${one.label}`),
        ].join(' · '),
    )
</script>

{#snippet counts(ones: Taste['wanted'], typed: Record<string, string>, field: string)}
    <div class="wanted">
        {#each ones as one (one.key)}
            <label
                >{one.label}
                <input bind:value={typed[one.key]} size="2" inputmode="numeric" aria-invalid={!!errors[`${field}.${one.key}`]} /></label
            >
            {#if errors[`${field}.${one.key}`]}<p class="fault" role="alert">{errors[`${field}.${one.key}`]}</p>{/if}
        {/each}
    </div>
{/snippet}

<details bind:open={isOpen}>
    <summary>Wishes for new cards: {says}</summary>
    <form onsubmit={(event) => (event.preventDefault(), keep(), (isOpen = false))}>
        <div role="group" aria-label="The front" class="school">
            <Button aria-pressed={width !== '0'} onclick={() => ((width = ''), keep())}>Framed</Button>
            <Button aria-pressed={width === '0'} onclick={() => ((width = '0'), keep())}>Covered to the edge</Button>
            {#if width !== '0'}
                <label>frame <input bind:value={width} placeholder={usual} size="5" aria-invalid={!!errors['frame']} /> {frame.unit}</label>
            {/if}
            <label
                >my trimmer cuts up to <input bind:value={trimmer} size="5" placeholder="any" aria-invalid={!!errors['trimmer']} />
                {frame.unit}</label
            >
        </div>
        {#if errors['frame']}<p class="fault" role="alert">{errors['frame']}</p>{/if}
        <div role="group" aria-label="How often" class="school">
            <Button aria-pressed={set === 1} onclick={() => ((set = 1), keep())}>Each card once</Button>
            <label>sets of <input type="number" min="1" max="24" bind:value={set} onchange={keep} aria-invalid={!!errors['set']} /></label>
            <Button aria-pressed={savesOne} onclick={() => ((savesOne = !savesOne), keep())}>Save one of each</Button>
            <Button aria-pressed={insides} onclick={() => ((insides = !insides), keep())}>Panels inside</Button>
            <Button aria-pressed={envelopes} onclick={() => ((envelopes = !envelopes), keep())}>No card without an envelope</Button>
            {#if taste.designs.length}
                <Button aria-pressed={follows} title={taste.designs.join(', ')} onclick={() => ((follows = !follows), keep())}
                    >Follow the kit’s {taste.designs.length === 1 ? 'design' : `${taste.designs.length} designs`}</Button
                >
            {/if}
            {#if hasStash}
                <label
                    >the stash for up to <input
                        bind:value={stashCards}
                        size="2"
                        inputmode="numeric"
                        placeholder="all"
                        aria-invalid={!!errors['stashCards']}
                    /> cards</label
                >
            {/if}
        </div>
        {#if errors['set']}<p class="fault" role="alert">{errors['set']}</p>{/if}
        {#if errors['trimmer']}<p class="fault" role="alert">{errors['trimmer']}</p>{/if}
        {#if errors['stashCards']}<p class="fault" role="alert">{errors['stashCards']}</p>{/if}
        <p>At least so many of a kind, and you are told while one is missing:</p>
        {@render counts(taste.wanted, many, 'wanted')}
        {#if errors['wanted']}<p class="fault" role="alert">{errors['wanted']}</p>{/if}
        <p>And so many with another fold than the bases have:</p>
        {@render counts(taste.folds, folds, 'folds')}
        <Button type="submit">Keep these wishes</Button>
    </form>
</details>

<style>
    details {
        padding: 0 1.25rem;
    }

    summary {
        min-height: var(--target);
        padding-top: 0.625rem;
        color: var(--ink-soft);
        cursor: pointer;
    }

    form {
        display: grid;
        justify-items: start;
        gap: 0.5rem;
        padding-bottom: 0.75rem;
    }

    .school,
    .wanted {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 1rem;
    }
</style>
