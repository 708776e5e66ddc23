<script lang="ts">
    import { page } from '@inertiajs/svelte'
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Measure from '@/parts/Measure.svelte'
    import { count } from '@/lib/format'
    import { kit } from '@/lib/kit'
    import { Answer } from '@/lib/answer.svelte'
    import { Draft } from '@/lib/draft.svelte'
    import { sender } from '@/lib/send.svelte'

    interface Line {
        number: number
        text: string
        isHeading: boolean
        said: string[]
        guesses: string[]
        leftOver: string[]
        sum: { said: number; understood: number } | null
        fault: string | null
        at: number | null
        length: number | null
    }

    /** A whole packing list at once: each line as it is understood, with its faults at their words. It is saved together. */
    let { first, onleave }: { first: string; onleave: () => void } = $props()

    const draft = untrack(() => new Draft(`list-${kit.frame.id}`, first))
    const text = $derived(draft.text)
    const answer = new Answer<{ lines: Line[] }>(() => ({ path: `${kit.frame.url}/add/read-list`, body: { text } }))
    const lines = $derived(answer.current?.lines ?? [])
    let field = $state<HTMLTextAreaElement>()

    const understood = $derived(lines.reduce((sum, { said }) => sum + said.length, 0))
    const wrong = $derived(lines.filter(({ fault }) => fault !== null))
    const refused = $derived(sender.at === 'add/list' ? kit.errors['text'] : undefined)

    $effect(() => field?.focus())
    /** The assumed kind and number, if the line did not say them. */
    const taken = ({ guesses }: Line): string => guesses.filter((one) => /^(taken|one of each|as wide)/.test(one)).join(', ')

    /** Lines that are not understood stay in the field. */
    function keep(event: SubmitEvent): void {
        event.preventDefault()
        const done = (): void => {
            const left = String(page.props['pasted'] ?? '')
            if (left) draft.text = left
            else {
                draft.drop()
                onleave()
            }
        }
        sender.send('add/list', { text }, { done })
    }

    /** Goes to the line in the field, so that it can be corrected there. */
    function mend(line: Line): void {
        const before = text
            .split('\n')
            .slice(0, line.number - 1)
            .join('\n')
        const from = before === '' && line.number === 1 ? 0 : before.length + 1
        const raw = text.split('\n')[line.number - 1] ?? ''
        const at = from + Math.max(0, raw.indexOf(line.text)) + (line.at ?? 0)
        field?.focus()
        field?.setSelectionRange(at, at + (line.length ?? 0))
    }
</script>

{#snippet sum({ sum }: Line)}
    {#if sum}<span class:wrong={sum.said !== sum.understood}> · {sum.said} said, {sum.understood} understood</span>{/if}
{/snippet}

<form onsubmit={keep} novalidate>
    <label for="list">The packing list, one thing a line: bullets and headings may stay</label>
    <textarea id="list" bind:this={field} bind:value={draft.text} rows="8" spellcheck="false" maxlength="60000"></textarea>
    <p role="status">
        {understood === 0 && wrong.length === 0
            ? 'How each line is understood shows below.'
            : `${count(understood, 'thing')} understood${wrong.length ? `; ${count(wrong.length, 'line')} not` : ''}.`}
    </p>
    {#if refused}<p class="fault" role="alert">{refused}</p>{/if}
    <p class="acts">
        <Button main type="submit" disabled={understood === 0 || sender.isBusy}>
            {wrong.length ? `Add the ${understood} that are understood` : `Add ${understood === 1 ? 'it' : `all ${understood}`}`}
        </Button>
        <Button onclick={onleave}>One line at a time</Button>
    </p>
</form>
<ol>
    {#each lines as line (line.number)}
        <li
            class:heading={line.isHeading}
            class:wrong={line.fault !== null || (line.sum !== null && line.sum.said !== line.sum.understood)}
            value={line.number}
        >
            {#if line.isHeading}
                {line.text} <small>a heading{@render sum(line)}</small>
            {:else if line.fault !== null}
                <button type="button" onclick={() => mend(line)}>
                    {line.text.slice(0, line.at ?? 0)}<mark
                        >{line.text.slice(line.at ?? 0, (line.at ?? 0) + (line.length ?? 0)) || ' '}</mark
                    >{line.text.slice((line.at ?? 0) + (line.length ?? 0))}<span class="sr-only">; line {line.number}: mend it</span>
                </button>
                <small>{line.fault}</small>
            {:else}
                <Measure text={line.said[0] ?? ''} />
                {#if line.said.length > 1}<small>and {line.said.length - 1} more: {line.said[line.said.length - 1]}</small>{/if}
                <small class="as">{line.text}{@render sum(line)}</small>
                {#if taken(line)}<small class="left">{taken(line)}</small>{/if}
                {#if line.leftOver.length}<small class="left">Left over: {line.leftOver.join(', ')}</small>{/if}
            {/if}
        </li>
    {/each}
</ol>

<style>
    form {
        display: grid;
        gap: 0.5rem;
    }

    label {
        font-weight: 600;
    }

    textarea {
        width: 100%;
        font: inherit;
        line-height: 1.4;
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }

    ol {
        margin: 1rem 0 0;
        padding-left: 2.25rem;
    }

    li {
        padding: 0.1875rem 0.25rem;
        border-bottom: 1px solid var(--line);
    }

    li::marker {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .heading {
        font-weight: 650;
    }

    small {
        display: block;
        color: var(--ink-soft);
        font-size: var(--small);
        font-weight: 400;
    }

    li.wrong {
        border-left: 4px solid var(--madder);
        background: var(--madder-soft);
    }

    .left {
        font-weight: 600;
    }

    .wrong small,
    small .wrong,
    .fault {
        color: var(--madder);
    }

    li button {
        padding: 0;
        border: 0;
        background: transparent;
        color: var(--ink);
        font: inherit;
        text-align: left;
        cursor: pointer;
    }

    mark {
        background: transparent;
        border-bottom: 3px solid var(--madder);
        color: inherit;
        font-weight: 700;
    }
</style>
