<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import { count } from '@/lib/format'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { PackingListPage } from '@/lib/props'

    let { token, name, unit, front, header, example, columns, ours, isMapped, lines }: PackingListPage = $props()

    const url = $derived(`/packing-list/${token}`)
    const errors = $derived(kit.errors)
    const bad = $derived(lines.filter((line) => line.faults.length).length)
    let chosen = $state<Record<string, number | string>>(untrack(() => ({ ...columns })))
    let isMapping = $state(untrack(() => !isMapped))
    let typed = $state(untrack(() => ({ name, ...front })))

    function map(event: SubmitEvent): void {
        event.preventDefault()
        sender.send(`${url}/columns`, () => ({ columns: chosen, unit }), { keeps: 'errors' })
    }

    function measureIn(other: string): void {
        router.get(url, { unit: other }, { preserveScroll: true })
    }

    function bringIn(event: SubmitEvent): void {
        event.preventDefault()
        sender.send(url, () => ({ ...typed, unit }), { keeps: 'errors' })
    }
</script>

<Frame title="Packing list">
    <div class="place">
        {#if isMapping}
            <h1>Which column is which?</h1>
            <p>The header of this file is not the one Keep Share knows. Say it once; it is remembered for files with this header.</p>
            <form onsubmit={map}>
                {#if errors['columns']}<p class="fault" role="alert">{errors['columns']}</p>{/if}
                <div class="columns">
                    {#each ours as column (column)}
                        <label>
                            <span>{column}</span>
                            <select bind:value={() => chosen[column] ?? '', (at) => (chosen[column] = at)}>
                                <option value="">–</option>
                                {#each header as cell, i (i)}<option value={i}
                                        >{cell || `column ${i + 1}`}{example[i] ? ` (${example[i]})` : ''}</option
                                    >{/each}
                            </select>
                        </label>
                    {/each}
                </div>
                <Button main type="submit">Show the lines</Button>
            </form>
        {:else}
            <h1>{count(lines.length, 'line')}, {bad === 0 ? 'all of them good' : `${bad} with a problem`}</h1>
            <form class="kit" onsubmit={bringIn} novalidate>
                <label>Name of the kit <input id="list-name" bind:value={typed.name} aria-invalid={!!errors['name']} /></label>
                <label>Front <input size="7" bind:value={typed.width} aria-label="Front, width" aria-invalid={!!errors['front']} /></label>
                <label>× <input size="7" bind:value={typed.height} aria-label="Front, height" /></label>
                <Button aria-pressed={unit === 'mm'} onclick={() => measureIn(unit === 'in' ? 'mm' : 'in')}>
                    measured in {unit === 'in' ? 'inches' : 'millimetres'}
                </Button>
                <Button main type="submit" disabled={bad > 0 || lines.length === 0}>Bring in {lines.length} lines</Button>
            </form>
            {#each ['name', 'front', 'lines'] as key (key)}{#if errors[key]}<p class="fault" role="alert">{errors[key]}</p>{/if}{/each}
            {#if bad}<p class="fault">
                    Nothing can be brought in while a line has a problem. Correct the file and choose it again, or choose the columns again.
                </p>{/if}
            <Button onclick={() => (isMapping = true)}>Which column is which</Button>
            <ol>
                {#each lines as line (line.number)}
                    <li class:bad={line.faults.length}>
                        <span class="number">{line.number}</span>
                        {#if line.said}<Measure text={line.said} />{:else}<span><b>{line.name}</b> {line.faults.join(' ')}</span>{/if}
                    </li>
                {/each}
            </ol>
        {/if}
    </div>
</Frame>

<style>
    .place {
        max-width: 70rem;
        margin: 0 auto;
        padding: 1.5rem;
    }

    h1 {
        margin-bottom: 0.75rem;
    }

    .columns {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
        gap: 0.75rem 1.25rem;
        margin: 1rem 0 1.5rem;
    }

    .columns label {
        display: grid;
        gap: 0.25rem;
        font-weight: 600;
    }

    .kit {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 1rem;
        margin-bottom: 0.75rem;
    }

    .fault {
        margin-bottom: 0.75rem;
    }

    ol {
        margin: 1rem 0 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: flex;
        gap: 1rem;
        padding: 0.375rem 0.5rem;
        border-bottom: 1px solid var(--line);
    }

    .number {
        width: 2.5rem;
        color: var(--ink-soft);
        text-align: right;
    }

    .bad {
        background: var(--madder-soft);
        color: var(--madder);
    }
</style>
