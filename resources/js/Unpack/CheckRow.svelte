<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import { untrack } from 'svelte'
    import { DraftFields } from '@/lib/draft.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import MiniDrawing from './MiniDrawing.svelte'
    import type { Good, LineToCheck } from '@/lib/props'

    /**
     * One line of the list, drawn as it was understood. Each field is saved when it is left. What is refused stays typed until
     * another act.
     */
    let { line, good }: { line: LineToCheck; good: Good | undefined } = $props()

    type Field = 'name' | 'size' | 'count'
    type Typed = Record<Field, string | undefined>

    const path = $derived(`check/${line.id}`)
    /** A field is as wide as its text, and at least this many characters. */
    const LEAST = { name: 18, size: 8, count: 3 }
    const draft = untrack(() => new DraftFields<Typed>(`check-${line.id}`, JSON.stringify([line.name, line.size, line.count])))
    const typed = $derived(draft.written)
    let last = $state<Field>('name')
    const fault = $derived(sender.at === path ? kit.errors['value'] : undefined)
    const uid = $props.id()

    // After another act a refused text goes back to the stored value.
    $effect(() => {
        void kit.frame.revision
        if (untrack(() => sender.at !== path && sender.at !== '')) draft.drop()
    })

    function keep(field: Field, value: string): void {
        draft.write({ [field]: value })
        if (value.trim() === line[field]) return
        last = field
        sender.send(path, { field, value }, { standsAlone: true, done: () => draft.write({ [field]: undefined }) })
    }
</script>

{#snippet input(field: Field, label: string)}
    <input
        value={typed[field] ?? line[field]}
        size={Math.max(LEAST[field], (typed[field] ?? line[field]).length + 1)}
        class={field}
        data-column={field}
        autocomplete="off"
        inputmode={field === 'count' ? 'numeric' : undefined}
        aria-label="{line.name}: {label}"
        aria-invalid={fault && last === field ? true : undefined}
        aria-describedby={fault && last === field ? uid : undefined}
        onfocus={(event) => event.currentTarget.select()}
        oninput={(event) => draft.write({ [field]: event.currentTarget.value })}
        onchange={(event) => keep(field, event.currentTarget.value)}
    />
{/snippet}

<li data-guess={line.guesses.length ? '' : undefined}>
    <MiniDrawing {good} />
    <span class="kind">{line.said}</span>
    {@render input('name', 'name')}
    {#if line.size}<label>{@render input('size', 'size')} {kit.frame.unit}</label>{/if}
    {#if line.count}<label>× {@render input('count', 'how many')}</label>{/if}
    <span class="colours">
        {#each line.colours as { at, says, hex } (at)}
            <input
                type="color"
                value={hex}
                title={says}
                aria-label="{line.name}: {says}"
                onchange={(event) => sender.send(path, { field: 'colour', at, value: event.currentTarget.value })}
            />
        {/each}
    </span>
    <span class="guesses">
        {line.guesses.join(', ')}
        {#if line.guesses.length}
            <Button also="as taken: {line.name}" onclick={() => sender.send(path, { field: 'right', value: '' })}>Confirm the line</Button>
        {/if}
    </span>
    <Button also="the list: {line.name}" onclick={() => sender.send(path, {}, { method: 'delete' })}>Remove</Button>
    {#if fault}<p class="fault" id={uid} role="alert">{fault}</p>{/if}
</li>

<style>
    li {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.25rem 0.75rem;
        padding: 0.1875rem 0;
        border-bottom: 1px solid var(--line);
    }

    .kind {
        flex: 0 0 5.5rem;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    li :global(.name) {
        flex: 0 1 auto;
        min-width: 0;
        max-width: 100%;
        font-weight: 600;
    }

    .guesses {
        display: flex;
        flex: 1 1 12rem;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.25rem 0.5rem;
        padding-left: 0.5rem;
        color: var(--kraft-ink);
        font-size: var(--small);
        font-weight: 600;
    }

    li :global(input) {
        word-spacing: 0.15em;
    }

    .colours {
        display: flex;
        gap: 0.25rem;
    }

    .colours input {
        width: 2.75rem;
        height: var(--target);
        padding: 0.25rem;
        border: 1px solid var(--line);
        border-radius: var(--radius);
        background: var(--sheet);
        cursor: pointer;
    }

    label {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .fault {
        width: 100%;
        color: var(--madder);
        font-weight: 600;
    }
</style>
