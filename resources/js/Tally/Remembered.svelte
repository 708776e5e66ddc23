<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { DayToMean, Goods, RememberedCard } from '@/lib/props'

    /** A card and the maker's notes on it, with its front or photograph. Each field is saved when it is changed. */
    let { card, days, goods }: { card: RememberedCard; days: DayToMean[]; goods: Goods } = $props()

    const path = $derived(`tally/cards/${card.id}`)
    /** What was typed and refused, by field. It stays there. */
    let typed = $state<Record<string, string | null>>({})
    let last = $state('')
    const fault = $derived(sender.at === path ? (kit.errors['value'] ?? null) : null)
    const photoFault = $derived(sender.at === `${path}/photo` ? (kit.errors['photo'] ?? null) : null)
    const uid = $props.id()

    function keep(field: string, value: string, was: string): void {
        typed[field] = value
        if (value.trim() === was) return
        last = field
        sender.send(path, { field, value }, { done: () => (typed[field] = null) })
    }

    function choose(event: Event & { currentTarget: HTMLInputElement }): void {
        const photo = event.currentTarget.files?.[0]
        event.currentTarget.value = ''
        if (photo) sender.send(`${path}/photo`, { photo })
    }
</script>

{#snippet field(name: string, label: string, value: string, options: { type?: string; area?: boolean; hint?: string; list?: string } = {})}
    {@const isWrong = fault !== null && last === name && typed[name] != null}
    <label class:area={options.area}>
        <span>{label}{options.hint ? `, ${options.hint}` : ''}</span>
        {#if options.area}
            <textarea
                rows="2"
                maxlength="2000"
                value={typed[name] ?? value}
                aria-label="Card {card.number}: {label}"
                aria-invalid={isWrong ? true : undefined}
                onchange={(event) => keep(name, event.currentTarget.value, value)}></textarea>
        {:else}
            <input
                type={options.type ?? 'text'}
                list={options.list}
                autocomplete="off"
                value={typed[name] ?? value}
                aria-label="Card {card.number}: {label}"
                aria-invalid={isWrong ? true : undefined}
                aria-describedby={isWrong ? `${uid}-${name}` : undefined}
                onchange={(event) => keep(name, event.currentTarget.value, value)}
            />
        {/if}
        {#if isWrong}<small class="fault" id="{uid}-{name}" role="alert">{fault}</small>{/if}
    </label>
{/snippet}

<li id="card-{card.number}">
    <div class="face">
        {#if card.photo}
            <img src={card.photo} alt="Card {card.number}, photographed" />
        {:else}
            <CardFront front={card.front} {goods} side={190} />
        {/if}
        <label class="upload">
            <input type="file" accept="image/jpeg,image/png,image/webp" onchange={choose} aria-label="Card {card.number}: photograph" />
            {card.photo ? 'Another photograph' : 'Add a photograph'}
        </label>
        {#if card.photo}
            <Button onclick={() => sender.send(`${path}/photo`, {}, { method: 'delete' })}>Remove the photograph</Button>
        {/if}
        {#if photoFault}<small class="fault" role="alert">{photoFault}</small>{/if}
    </div>
    <div class="record">
        <h2>Card {card.number}, {card.front.occasion}</h2>
        <p class="soft">{card.front.sketch}, {card.stands}; {card.post}</p>
        <div class="stars" role="group" aria-label="Card {card.number}: stars">
            {#each [1, 2, 3, 4, 5] as n (n)}
                <button
                    type="button"
                    aria-pressed={card.stars >= n}
                    aria-label={n === 1 ? 'one star' : `${n} stars`}
                    disabled={sender.isBusy}
                    onclick={() => sender.send(path, { field: 'stars', value: card.stars === n ? '' : String(n) })}
                >
                    {card.stars >= n ? '★' : '☆'}
                </button>
            {/each}
        </div>
        {@render field('minutes', 'minutes it took', card.minutes, { hint: card.marked ? `${card.marked} by Make` : '' })}
        <label
            ><span>meant for</span>
            <select
                value={card.meantDay}
                aria-label="Card {card.number}: meant for"
                onchange={(event) => keep('meant_day', event.currentTarget.value, card.meantDay)}
            >
                <option value="">nobody yet</option>
                {#each days.filter((day) => day.card === null || day.card === card.id) as day (day.id)}
                    <option value={day.id}>{day.label}</option>
                {/each}
            </select>
            {#if fault && last === 'meant_day'}<small class="fault" role="alert">{fault}</small>{/if}
        </label>
        {@render field('given_to', 'given to', card.givenTo, { list: 'people-names' })}
        {@render field('given_on', 'on', card.givenOn, { type: 'date' })}
        {@render field('went_wrong', 'what went wrong, and how it was saved', card.wentWrong, { area: true })}
        {@render field('notes', 'note', card.notes, { area: true })}
    </div>
</li>

<style>
    li {
        display: grid;
        grid-template-columns: 12rem minmax(0, 1fr);
        gap: 1.25rem;
        padding: 1.25rem 0;
        border-bottom: 1px solid var(--line);
    }

    .face {
        display: grid;
        align-content: start;
        justify-items: start;
        gap: 0.375rem;
    }

    img {
        max-width: 100%;
        max-height: 14rem;
        box-shadow: var(--shadow);
    }

    .record {
        display: grid;
        grid-template-columns: minmax(0, 8rem) minmax(0, 1fr) minmax(0, 1fr) minmax(0, 10rem);
        align-content: start;
        gap: 0.375rem 1rem;
    }

    h2,
    .soft,
    .stars,
    .area {
        grid-column: 1 / -1;
    }

    h2 {
        font-size: var(--large);
    }

    label {
        display: grid;
        align-content: start;
        font-size: var(--small);
        color: var(--ink-soft);
    }

    input,
    textarea {
        width: 100%;
        min-height: var(--target);
    }

    .upload {
        position: relative;
        display: grid;
        place-content: center;
        min-height: var(--target);
        padding: 0 0.75rem;
        border: 1px solid var(--line-strong);
        border-radius: var(--radius);
        color: var(--ink);
        font-weight: 600;
        cursor: pointer;
    }

    .upload:focus-within {
        outline: 3px solid var(--here);
        outline-offset: 2px;
    }

    .upload input {
        position: absolute;
        inset: 0;
        opacity: 0;
        cursor: pointer;
    }

    .stars button {
        min-width: var(--target);
        min-height: var(--target);
        border: 0;
        background: none;
        color: var(--ink);
        font-size: 1.5rem;
        cursor: pointer;
    }

    .fault {
        color: var(--madder);
    }

    @media (max-width: 48rem) {
        li,
        .record {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
