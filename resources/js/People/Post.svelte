<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { Limit } from '@/lib/props'

    /** How long the post takes, and the thickness of each post size. */
    let { days, limits }: { days: number; limits: Limit[] } = $props()

    const PATH = '/people/post/limits'
    const isHere = $derived(sender.at.startsWith('/people/post'))
    const faults = $derived(isHere ? Object.values(kit.errors).filter(Boolean) : [])
    let name = $state('')
    let thickness = $state('')

    const change = (limit: Limit, to: Partial<Limit>): void =>
        sender.send(PATH, { id: limit.id, name: to.name ?? limit.name, thickness: `${to.thickness ?? limit.thickness}` })

    function add(event: SubmitEvent): void {
        event.preventDefault()
        sender.send(PATH, { name, thickness }, { done: () => ((name = ''), (thickness = '')) })
    }
</script>

<section aria-labelledby="post-title">
    <h2 id="post-title">Post</h2>
    <p>
        <label
            >A card is to go <input
                value={days}
                size="2"
                inputmode="numeric"
                aria-label="Days the post takes"
                onchange={(event) => sender.send('/people/post', { days: event.currentTarget.value })}
            /> days before the day.</label
        >
    </p>
    <ul>
        {#each limits as limit (limit.id)}
            <li>
                up to <input
                    value={limit.thickness}
                    size="4"
                    inputmode="decimal"
                    aria-label="{limit.name}: thickness in mm"
                    onchange={(event) => change(limit, { thickness: event.currentTarget.value })}
                />
                mm:
                <input
                    value={limit.name}
                    size="14"
                    aria-label="{limit.name}: what it goes as"
                    onchange={(event) => change(limit, { name: event.currentTarget.value })}
                />
                {#if limit.isExample}<small>an example</small>{/if}
                <Button also=": {limit.name}" onclick={() => sender.send(`${PATH}/${limit.id}`, {}, { method: 'delete' })}>×</Button>
            </li>
        {/each}
        <li>
            <form onsubmit={add} novalidate>
                up to <input bind:value={thickness} size="4" inputmode="decimal" aria-label="Thickness in mm" /> mm:
                <input bind:value={name} size="14" aria-label="What it goes as" placeholder="a letter" />
                <Button type="submit">Add</Button>
            </form>
        </li>
    </ul>
    {#each faults as fault (fault)}<p class="fault" role="alert">{fault}</p>{/each}
    <p class="soft">These are examples. Change them to what your own post says.</p>
</section>

<style>
    ul {
        display: grid;
        gap: 0.375rem;
        margin: 0.5rem 0;
        padding: 0;
        list-style: none;
    }

    li,
    form {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem;
    }

    small {
        color: var(--ink-soft);
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
    }
</style>
