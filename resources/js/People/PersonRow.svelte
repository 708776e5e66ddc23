<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { Choice, SomePerson } from '@/lib/props'

    interface Props {
        person: SomePerson
        occasions: Choice[]
        postDays: number
    }

    /** One person: name, likes, days of post, and their days. Each field is saved when it is left. */
    let { person, occasions, postDays }: Props = $props()

    const MONTHS = Array.from({ length: 12 }, (_, i) => ({
        key: String(i + 1),
        label: new Intl.DateTimeFormat(navigator.language, { month: 'long', timeZone: 'UTC' }).format(new Date(Date.UTC(2028, i, 1))),
    }))

    const path = $derived(`/people/${person.id}`)
    const isHere = $derived(sender.at.startsWith(path) && /^(\/days)?$/.test(sender.at.slice(path.length)))
    const faults = $derived(isHere ? Object.values(kit.errors).filter(Boolean) : [])
    let isAdding = $state(false)
    let day = $state({ occasion: 'birthday', day: '', month: '1', year: '' })
    /** Text that was refused stays. */
    let typed = $state<Partial<Record<'name' | 'likes' | 'post_days', string | undefined>>>({})

    const kept = $derived({ name: person.name, likes: person.likes, post_days: person.postDays })

    function keep(field: 'name' | 'likes' | 'post_days', value: string): void {
        typed[field] = value
        sender.send(path, { ...kept, [field]: value }, { done: () => (typed[field] = undefined) })
    }

    function addDay(event: SubmitEvent): void {
        event.preventDefault()
        sender.send(`${path}/days`, day, { done: () => ((isAdding = false), (day = { ...day, day: '', year: '' })) })
    }
</script>

{#snippet field(name: 'name' | 'likes' | 'post_days', label: string, hint: string, size: number)}
    <input
        value={typed[name] ?? kept[name]}
        {size}
        class={name}
        autocomplete="off"
        placeholder={hint}
        aria-label="{person.name}: {label}"
        aria-invalid={isHere && !!kit.errors[name]}
        onchange={(event) => keep(name, event.currentTarget.value)}
    />
{/snippet}

<li>
    <div class="row">
        {@render field('name', 'name', '', 18)}
        {@render field('likes', 'likes', 'what they like', 24)}
        <label>post {@render field('post_days', 'days of post', String(postDays), 2)} days</label>
        <Button also=": {person.name}" onclick={() => sender.send(path, {}, { method: 'delete' })}>Remove</Button>
    </div>
    <ul>
        {#each person.days as one (one.id)}
            <li class="day">
                {one.says}
                <button
                    type="button"
                    aria-label="Take {one.says} of {person.name} out"
                    onclick={() => sender.send(`/people/days/${one.id}`, {}, { method: 'delete' })}>×</button
                >
            </li>
        {/each}
        <li>
            <button type="button" class="add" aria-expanded={isAdding} onclick={() => (isAdding = !isAdding)}>Add a day</button>
        </li>
        {#if person.has}<li class="soft">{person.has}</li>{/if}
    </ul>
    {#if isAdding}
        <form onsubmit={addDay} novalidate>
            <select bind:value={day.occasion} aria-label="What the day is">
                {#each occasions as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
            </select>
            <label
                >on <input
                    bind:value={day.day}
                    size="2"
                    inputmode="numeric"
                    aria-label="Day"
                    aria-invalid={isHere && !!kit.errors['day']}
                /></label
            >
            <select bind:value={day.month} aria-label="Month">
                {#each MONTHS as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
            </select>
            <label
                >only in <input
                    bind:value={day.year}
                    size="4"
                    inputmode="numeric"
                    placeholder="every year"
                    aria-label="Only in the year"
                /></label
            >
            <Button type="submit" disabled={sender.isBusy}>Save the day</Button>
        </form>
    {/if}
    {#each faults as fault (fault)}<p class="fault" role="alert">{fault}</p>{/each}
</li>

<style>
    li {
        padding: 0.5rem 0;
    }

    :global(ul) > li:has(> .row) {
        border-bottom: 1px solid var(--line);
    }

    .row,
    form,
    ul {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem 0.75rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    .row {
        margin-bottom: 0.375rem;
    }

    ul li {
        padding: 0;
    }

    .row :global(.name) {
        font-weight: 600;
    }

    .row :global(.likes) {
        flex: 1 1 10rem;
        min-width: 0;
    }

    .row label,
    form label,
    .soft {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .day {
        display: flex;
        align-items: center;
        padding-left: 0.625rem;
        border: 1px solid var(--line);
        border-radius: var(--radius);
        font-size: var(--small);
    }

    li button {
        min-width: max(2rem, var(--least));
        min-height: max(2rem, var(--least));
        border: 0;
        background: transparent;
        color: var(--ink-soft);
        font: inherit;
        cursor: pointer;
    }

    .add {
        color: var(--here);
        font-size: var(--small);
        text-decoration: underline;
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
    }
</style>
