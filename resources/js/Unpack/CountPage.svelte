<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import Check from '@lucide/svelte/icons/check'
    import { tick, untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import CountReport from './CountReport.svelte'
    import CountWhy from './CountWhy.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender, type Data } from '@/lib/send.svelte'
    import type { CountLine, CountPage } from '@/lib/props'

    let { lines, goods, report, others }: CountPage = $props()

    const frame = $derived(kit.frame)
    const left = $derived(lines.filter((line) => !line.isCounted).length)
    let typed = $state<Record<number, string | undefined>>({})
    let moving = $state<Record<number, string | undefined>>({})
    let faults = $state<Record<number, string | undefined>>({})
    /** Where a refusal can be corrected, by line. */
    let ways = $state<Record<number, { to: string; says: string } | undefined>>({})
    let to = $state(untrack(() => others[0]?.id ?? 0))

    const value = (line: CountLine): string => typed[line.id] ?? (line.isCounted ? line.hereFigure : '')
    const isFewer = (line: CountLine, counted: string): boolean => !line.isByLength && /^\d+$/.test(counted) && Number(counted) < line.here
    /** Lines that are asked why there are fewer, before the answer has come. */
    let asks = $state<Record<number, boolean | undefined>>({})
    const field = (line: CountLine): HTMLInputElement | null => document.querySelector(`#count-${line.id}`)
    const uncounted = (): CountLine | undefined => lines.find((line) => line.isCountable && !line.isCounted && typed[line.id] === undefined)

    // The first number has the focus on arrival.
    $effect(() => {
        const first = untrack(uncounted)
        if (first) field(first)?.focus()
    })

    function next(line: CountLine): void {
        const countable = lines.filter((one) => one.isCountable)
        const after = countable[countable.indexOf(line) + 1]
        if (after) field(after)?.select()
        if (after) field(after)?.focus()
    }

    /** Enter on an empty field says that all is there. Counts may be typed faster than they are saved. */
    function count(line: CountLine): void {
        const counted = value(line).trim() || line.figure
        send(line, () => ({ counted, was: line.here, reason: line.why, note: line.note }), counted)
        // The reason is asked in the line. The maker can count on, and Shift Tab goes back to it.
        asks[line.id] = isFewer(line, counted)
        next(line)
    }

    /** The reason is given after the count, or at any time later. */
    function explain(line: CountLine, said: { reason: string; note: string }): void {
        const now = (): CountLine => lines.find(({ id }) => id === line.id) ?? line
        send(line, () => ({ counted: now().hereFigure, was: now().here, ...said }))
    }

    function send(line: CountLine, data: () => Data, counted?: string): void {
        sender.send(`count/${line.id}`, data, {
            standsAlone: true,
            done: () => {
                for (const kept of [typed, faults, ways, asks]) kept[line.id] = undefined
            },
            refused: (errors) => {
                faults[line.id] = errors['counted'] ?? errors['note'] ?? errors['cut'] ?? errors['table'] ?? ''
                ways[line.id] = errors['cut'] ? { to: 'cut', says: 'Go to Cut' } : undefined
                typed[line.id] = counted
                asks[line.id] = undefined
                void tick().then(() => field(line)?.focus())
            },
        })
    }

    function answer(event: KeyboardEvent, line: CountLine): void {
        if (event.key !== 'Enter' && event.key !== '=') return
        event.preventDefault()
        if (event.key === 'Enter') count(line)
        else allThere()
    }

    function move(line: CountLine, to: number): void {
        sender.send(`move/${line.id}`, () => ({ count: moving[line.id] ?? '', to }), {
            done: () => (moving[line.id] = undefined),
            refused: (errors) => {
                faults[line.id] = errors['count'] ?? errors['table'] ?? ''
                ways[line.id] = errors['table'] ? { to: 'share-out', says: 'Go to Share out' } : undefined
            },
        })
    }

    function toNext(figure: string): void {
        const line = uncounted()
        if (!line) return
        if (figure) typed[line.id] = figure
        const at = field(line)
        at?.focus()
        void tick().then(() => at?.setSelectionRange(figure.length, figure.length))
    }

    // Unfinished saving comes first.
    const allThere = (): void => sender.send('count')

    useKeys(() => [
        { key: '=', says: 'Mark all the rest as there', run: allThere },
        {
            key: 'n',
            shown: 'N',
            says: 'Count the next line',
            run: () => toNext(''),
        },
        // While there is something to count, a figure is a count and not a key of the page.
        ...(left
            ? [...'0123456789'].map((figure) => ({ key: figure, says: 'Count the next line', isHidden: true, run: () => toNext(figure) }))
            : []),
    ])
</script>

<Frame title="Count">
    <h1 class="sr-only">Count</h1>
    <div class="place">
        <div class="top">
            <p class="answer">
                {#if lines.length === 0}<strong>Nothing to count yet.</strong>
                    <Link href="{frame.url}/add">Add lines</Link> first.{:else if left === 0}<strong>Every line is counted.</strong
                    >{:else}<strong>{left} of {lines.length} lines to count.</strong> Type a number and press Enter. Enter alone means as listed.
                    If there are fewer, you are asked why. Press = when all the rest is there.{/if}
            </p>
            <Button key="=" disabled={left === 0} onclick={allThere}>Mark all the rest as there</Button>
        </div>
        <table>
            <thead>
                <tr>
                    <th scope="col">component</th>
                    <th scope="col">listed</th>
                    <th scope="col">here now</th>
                    <th scope="col">counted</th>
                    <th scope="col">why fewer</th>
                    <th scope="col">{others.length === 1 ? `move to ${others[0]?.name}` : 'move'}</th>
                </tr>
            </thead>
            <tbody>
                {#each lines as line (line.id)}
                    <tr class:differs={line.differs}>
                        <th scope="row">{goods[line.good]?.name}</th>
                        <td><span class="named">listed</span> <Measure text={line.said} /></td>
                        <td
                            ><span class="named">here now</span> <b><Measure text={line.hereSaid} /></b>
                            {#if line.onCards}<small>and <Measure text={line.onCards} /></small>{/if}
                            {#if line.isCounted}<Check size={16} aria-label="counted" />{/if}</td
                        >
                        <td>
                            {#if line.isCountable}
                                <label class="named" for="count-{line.id}">counted</label>
                                <input
                                    id="count-{line.id}"
                                    class="number"
                                    inputmode="numeric"
                                    autocomplete="off"
                                    aria-label="{goods[line.good]?.name}: how many are there"
                                    aria-invalid={!!faults[line.id]}
                                    aria-describedby={faults[line.id] ? `fault-${line.id}` : undefined}
                                    placeholder={line.figure}
                                    value={value(line)}
                                    oninput={(event) => (typed[line.id] = event.currentTarget.value)}
                                    onkeydown={(event) => answer(event, line)}
                                />
                                {#if faults[line.id]}
                                    <p id="fault-{line.id}" class="fault" role="alert">
                                        {faults[line.id]}
                                        {#if ways[line.id]}<Link href="{frame.url}/{ways[line.id]?.to}">{ways[line.id]?.says}</Link>{/if}
                                    </p>
                                {/if}
                            {/if}
                        </td>
                        <td class="why">
                            {#if line.fewer || asks[line.id]}
                                <CountWhy
                                    {line}
                                    name={goods[line.good]?.name ?? ''}
                                    onsay={(said) => explain(line, said)}
                                    onnext={() => next(line)}
                                />
                            {/if}
                        </td>
                        <td class="move">
                            {#if line.isCountable && !line.isByLength && others[0]}
                                <label class="named" for="move-{line.id}">move{others.length === 1 ? ` to ${others[0].name}` : ''}</label>
                                <input
                                    id="move-{line.id}"
                                    class="number"
                                    inputmode="numeric"
                                    aria-label="How many {goods[line.good]?.name} to move"
                                    bind:value={() => moving[line.id] ?? '', (count) => (moving[line.id] = count)}
                                    onkeydown={(event) => event.key === 'Enter' && moving[line.id] && move(line, to)}
                                />
                                {#if moving[line.id]}
                                    {#if others.length > 1}
                                        <select aria-label="To which kit" bind:value={to}>
                                            {#each others as other (other.id)}<option value={other.id}>{other.name}</option>{/each}
                                        </select>
                                    {/if}
                                    <Button onclick={() => move(line, to)}>Move</Button>
                                {/if}
                            {/if}
                        </td>
                    </tr>
                {/each}
            </tbody>
        </table>
        {#if report}
            <CountReport {report} />
        {/if}
    </div>
</Frame>

<style>
    .place {
        padding: 1rem 1.5rem 3rem;
    }

    .top {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        justify-content: space-between;
        gap: 1rem;
        margin-bottom: 0.75rem;
    }

    .answer {
        font-size: var(--large);
    }

    table {
        width: 100%;
        border-collapse: collapse;
    }

    thead th {
        position: sticky;
        top: 0;
        background: var(--sheet);
        border-bottom: 2px solid var(--ink);
        color: var(--ink-soft);
        font-size: var(--small);
    }

    th,
    td {
        padding: 0.125rem 0.75rem 0.125rem 0;
        border-bottom: 1px solid var(--line);
        text-align: left;
    }

    tbody th {
        font-weight: 560;
    }

    .differs th {
        color: var(--madder);
    }

    .differs {
        background: repeating-linear-gradient(135deg, var(--madder-soft) 0 6px, transparent 6px 12px);
    }

    .number {
        width: 5rem;
        font-weight: 650;
        text-align: right;
    }

    .fault {
        max-width: 18rem;
    }

    .why,
    .move {
        white-space: nowrap;
    }

    /* While the column headings are in sight, boxes need no label of their own. */
    .named {
        display: none;
    }

    td small {
        color: var(--ink-soft);
    }

    /* On a phone each line is a block: its name, then what is listed, what is here, and what is counted. */
    @media (width < 48rem) {
        .place {
            padding-inline: 1rem;
        }

        thead {
            position: absolute;
            overflow: hidden;
            width: 1px;
            height: 1px;
            clip-path: inset(50%);
        }

        tbody tr {
            display: flex;
            flex-wrap: wrap;
            align-items: center;
            justify-content: flex-start;
            padding: 0.375rem 0;
            border-bottom: 1px solid var(--line);
        }

        tbody th,
        td {
            border: 0;
        }

        tbody th {
            flex-basis: 100%;
        }

        .named {
            display: inline;
            padding-right: 0.25rem;
            color: var(--ink-soft);
            font-size: var(--small);
        }

        .why:empty {
            display: none;
        }

        .why,
        .move {
            white-space: normal;
        }
    }
</style>
