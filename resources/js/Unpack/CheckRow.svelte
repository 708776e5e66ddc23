<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { LineToCheck } from '@/lib/props'

    /** One line of the list: each field is kept as it is left; what is refused stays as it was typed. */
    let { line }: { line: LineToCheck } = $props()

    type Field = 'name' | 'size' | 'count'

    const path = $derived(`check/${line.id}`)
    let typed = $state<Partial<Record<Field, string | undefined>>>({})
    let last = $state<Field>('name')
    const fault = $derived(sender.at === path ? kit.errors['value'] : undefined)
    const uid = $props.id()

    function keep(field: Field, value: string): void {
        typed[field] = value
        if (value.trim() === line[field]) return
        last = field
        sender.send(path, { field, value }, { done: () => (typed[field] = undefined) })
    }
</script>

{#snippet input(field: Field, label: string, size: number)}
    <input
        value={typed[field] ?? line[field]}
        {size}
        class={field}
        data-column={field}
        autocomplete="off"
        inputmode={field === 'count' ? 'numeric' : undefined}
        aria-label="{line.name}: {label}"
        aria-invalid={fault && last === field ? true : undefined}
        aria-describedby={fault && last === field ? uid : undefined}
        onchange={(event) => keep(field, event.currentTarget.value)}
    />
{/snippet}

<li data-guess={line.guesses.length ? '' : undefined}>
    <span class="kind">{line.said}</span>
    {@render input('name', 'name', 26)}
    {#if line.size}<label>{@render input('size', 'size', 13)} {kit.frame.unit}</label>{/if}
    {#if line.count}<label>× {@render input('count', 'how many', 3)}</label>{/if}
    <span class="guesses">{line.guesses.join(', ')}</span>
    <Button also="the list: {line.name}" onclick={() => sender.send(path, {}, { method: 'delete' })}>Take off</Button>
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
        flex: 0 0 7.5rem;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    li :global(.name) {
        flex: 1 1 12rem;
        min-width: 0;
        font-weight: 600;
    }

    .guesses {
        flex: 0 1 14rem;
        padding-left: 0.5rem;
        color: var(--kraft-ink);
        font-size: var(--small);
        font-weight: 600;
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
