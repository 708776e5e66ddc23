<script lang="ts">
    import { tick } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import { kit } from '@/lib/kit'
    import { toNeighbour, useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { OccasionsPage, SomeOccasion } from '@/lib/props'

    let { occasions, shelf }: OccasionsPage = $props()

    const PATH = '/people/occasions'
    let name = $state('')
    let list = $state<HTMLElement>()
    let first: HTMLInputElement | undefined = $state()
    const refused = $derived(sender.at === PATH ? kit.errors['name'] : undefined)
    const faultOf = (one: SomeOccasion): string | undefined => (sender.at === `${PATH}/${one.key}` ? kit.errors['value'] : undefined)

    const change = (one: SomeOccasion, what: string, value: string): void => sender.send(`${PATH}/${one.key}`, { field: what, value })

    function add(event: SubmitEvent): void {
        event.preventDefault()
        sender.send(PATH, { name }, { done: () => (name = '') })
    }

    /** Alt with an arrow moves the line. The field keeps the focus. */
    function onkey(event: KeyboardEvent): void {
        const here = event.target
        if (!(here instanceof HTMLInputElement) || !here.dataset['column']) return
        const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
        const one = occasions.find(({ key }) => key === here.dataset['key'])
        if (event.altKey && by && one) {
            event.preventDefault()
            const id = here.id
            sender.send(
                `${PATH}/${one.key}`,
                { field: 'move', value: String(by) },
                { done: () => void tick().then(() => document.getElementById(id)?.focus()) },
            )
            return
        }
        toNeighbour(event, list?.querySelectorAll<HTMLInputElement>(`[data-column=${here.dataset['column']}]`) ?? [])
    }

    useKeys(() => [
        { key: 'n', shown: 'N', says: 'Write another occasion', run: () => first?.focus() },
        {
            key: 'c',
            shown: 'C',
            says: 'Go to the list: ↑ ↓ to the next, Alt ↑ ↓ moves it',
            run: () => list?.querySelector('input')?.focus(),
        },
    ])
</script>

{#snippet field(one: SomeOccasion, what: 'name' | 'share', value: string, fault: string | undefined)}
    <input
        id="{what}-{one.key}"
        class={what}
        {value}
        data-column={what}
        data-key={one.key}
        maxlength={what === 'name' ? 60 : 2}
        size={what === 'name' ? 20 : 2}
        inputmode={what === 'share' ? 'numeric' : undefined}
        autocomplete="off"
        aria-label="{one.name}: {what === 'name' ? 'name' : "parts of a year's cards"}"
        aria-invalid={!!fault}
        aria-describedby={fault ? `fault-${one.key}` : undefined}
        onchange={(event) => change(one, what, event.currentTarget.value)}
    />
{/snippet}

<Frame title="Occasions" {shelf}>
    <div class="place">
        <h1>What cards are sent for</h1>
        <p class="soft">
            They are offered in this order everywhere. A share-out always makes those marked “every kit”, in proportion to a year’s cards.
            It makes the others where there are words for them or you ask for them. Words without an occasion fit any.
        </p>
        <form onsubmit={add} novalidate>
            <label for="occasion-name">Another occasion</label>
            <input
                id="occasion-name"
                bind:this={first}
                bind:value={name}
                maxlength="60"
                placeholder="name day"
                autocomplete="off"
                aria-invalid={!!refused}
                aria-describedby={refused ? 'occasion-fault' : undefined}
            />
            <Button main type="submit">Add it</Button>
            {#if refused}<p id="occasion-fault" class="fault" role="alert">{refused}</p>{/if}
        </form>
        <!-- svelte-ignore a11y_no_static_element_interactions -->
        <div bind:this={list} onkeydown={onkey}>
            <ol>
                {#each occasions as one, i (one.key)}
                    {@const fault = faultOf(one)}
                    <li>
                        {@render field(one, 'name', one.name, fault)}
                        <label class="every">
                            <input
                                type="checkbox"
                                checked={one.usual}
                                onchange={(event) => change(one, 'usual', event.currentTarget.checked ? '1' : '0')}
                            />
                            every kit
                        </label>
                        {@render field(one, 'share', String(one.share), fault)}
                        <span class="percent">{one.usual ? `${one.percent} % of a year` : 'only with words for it'}</span>
                        <svg class="bar" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
                            <rect width={one.percent} height="8" />
                        </svg>
                        <span class="acts">
                            <Button also="{one.name}: earlier" disabled={i === 0} onclick={() => change(one, 'move', '-1')}
                                ><span aria-hidden="true">↑</span></Button
                            >
                            <Button also="{one.name}: later" disabled={i === occasions.length - 1} onclick={() => change(one, 'move', '1')}
                                ><span aria-hidden="true">↓</span></Button
                            >
                            {#if !one.isShipped}
                                <Button
                                    aria-label="Take {one.name} off the list"
                                    onclick={() => sender.send(`${PATH}/${one.key}`, {}, { method: 'delete' })}>Remove</Button
                                >
                            {/if}
                        </span>
                        {#if fault}<p id="fault-{one.key}" class="fault" role="alert">{fault}</p>{/if}
                    </li>
                {/each}
            </ol>
        </div>
        <p><Button href="/people">Who gets which</Button></p>
    </div>
</Frame>

<style>
    .place {
        max-width: 60rem;
        padding: 1.25rem 1.5rem 3rem;
    }

    form {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
        margin: 1rem 0;
    }

    form label {
        font-weight: 600;
    }

    ol {
        margin: 0 0 1rem;
        padding: 0;
        list-style: none;
    }

    li {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.25rem 0.75rem;
        padding: 0.1875rem 0;
        border-bottom: 1px solid var(--line);
    }

    .name {
        flex: 1 1 11rem;
        min-width: 0;
        font-weight: 600;
    }

    .every {
        white-space: nowrap;
    }

    .share {
        width: 3rem;
        text-align: right;
    }

    .percent {
        flex: 0 0 7.5rem;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .bar {
        flex: 0 0 6rem;
        height: 0.5rem;
        background: var(--rail);
    }

    .bar rect {
        fill: var(--here);
    }

    .acts {
        display: flex;
        gap: 0.25rem;
        min-width: 6.5rem;
    }

    .fault {
        width: 100%;
        color: var(--madder);
        font-weight: 600;
    }
</style>
