<script lang="ts">
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { AddPage } from '@/lib/props'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import ToShareOut from '@/parts/ToShareOut.svelte'
    import PasteList from './PasteList.svelte'
    import { Draft } from '@/lib/draft.svelte'
    import { Answer } from '@/lib/answer.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'

    interface Reading {
        said?: string[]
        leftOver?: string[]
        fault?: string
        at?: number
        length?: number
    }

    let { lines, pasted, atMost }: AddPage = $props()

    const frame = $derived(kit.frame)
    const refused = $derived(kit.errors['line'])
    const draft = untrack(() => new Draft(`line-${kit.frame.id}`))
    const line = $derived(draft.text)
    let field: HTMLInputElement | undefined = $state()
    const answer = new Answer<Reading>(() => (line.trim() ? { path: `${frame.url}/add/read?line=${encodeURIComponent(line)}` } : null), 120)
    const reading = $derived(answer.current ?? {})

    $effect(() => {
        // On an empty list the only thing to do is to write.
        if (untrack(() => lines.length === 0)) field?.focus()
    })

    function add(event: SubmitEvent): void {
        event.preventDefault()
        sender.send('add', { line }, { done: () => draft.drop() })
        field?.focus()
    }

    /** Pasted text with several lines. Null while lines are typed one by one. */
    let list = $state<string | null>(untrack(() => pasted || null))

    function paste(event: ClipboardEvent): void {
        const pasted = event.clipboardData?.getData('text') ?? ''
        if (!/\n./.test(pasted.trim())) return
        event.preventDefault()
        list = [line, pasted].filter(Boolean).join('\n')
        draft.drop()
    }

    useKeys(() => [
        { key: 'l', shown: 'L', says: 'Paste a whole packing list', run: () => (list ??= line) },
        { key: 'n', shown: 'N', says: 'Write a line', run: () => field?.focus() },
    ])

    const examples: [string, string][] = [
        ['24 sheets 6x6 double-sided, 2 each of 12: clover/stripe …', 'twelve papers with two named faces each'],
        ['cardstock 8.5x11: 3 moss, 2 oat', 'each colour is a line'],
        ['die cuts: ewe, lamb x2, "hello you"', 'pictures, and words in quotation marks'],
        ['10 A2 card bases with envelopes', 'bases, and an envelope for each'],
        ['1/4in wide satin ribbon, 2 yards', 'by length: in, ft, yd, mm, cm, m'],
        ['gems plenty', 'nobody counts them'],
    ]
    const word = $derived(reading.at === undefined ? '' : line.slice(reading.at, reading.at + (reading.length ?? 1)))
</script>

<Frame title="Add lines">
    <div class="abreast">
        <section>
            <h1>{list === null ? 'One component a line' : 'A whole packing list'}</h1>
            {#if list !== null}
                <PasteList first={list} onleave={() => (list = null)} />
            {:else}
                <form onsubmit={add} novalidate>
                    <label for="line">What is it, how large, how many?</label>
                    <input
                        id="line"
                        bind:this={field}
                        bind:value={draft.text}
                        autocomplete="off"
                        spellcheck="false"
                        maxlength="320"
                        aria-invalid={!!reading.fault}
                        aria-describedby="reading"
                        onpaste={paste}
                    />
                    <div id="reading" class:fault={reading.fault} role="status">
                        {#if reading.fault}
                            <p class="echo" aria-hidden="true">
                                {line.slice(0, reading.at)}<mark>{word || ' '}</mark>{line.slice((reading.at ?? 0) + word.length)}
                            </p>
                            <p>{reading.fault}</p>
                        {:else if reading.said}
                            {#each reading.said.slice(0, 4) as said, i (i)}<p><Measure text={said} /></p>{/each}
                            {#if reading.said.length > 4}<p>… {reading.said.length} lines in all</p>{/if}
                            {#if reading.leftOver?.length}<p class="soft">Left over: {reading.leftOver.join(', ')}</p>{/if}
                        {:else if refused}
                            <p>{refused}</p>
                        {:else}
                            <p class="soft">How it is understood shows here as you type.</p>
                        {/if}
                    </div>
                    <p class="acts">
                        <Button main type="submit" key="Enter">Add it</Button>
                        <Button key="L" onclick={() => (list = line)}>Paste a whole list</Button>
                    </p>
                </form>
            {/if}
            {#if atMost && list === null}<ToShareOut {atMost} />{/if}
            {#if lines.length}
                <h2>Last added</h2>
                <ul>
                    {#each lines as said, i (i)}<li><Measure text={said} /></li>{/each}
                </ul>
            {/if}
        </section>
        <aside>
            <h2>How to write it</h2>
            <dl>
                {#each examples as [example, says] (example)}
                    <dt><button type="button" onclick={() => ((draft.text = example), field?.focus())}>{example}</button></dt>
                    <dd>{says}</dd>
                {/each}
            </dl>
            <p><a href="/how-to-write-a-list">Thirty more examples</a></p>
            <p class="soft">
                Measures without a unit are in {frame.unit === 'in' ? 'inches' : 'millimetres'}. Words it does not know are the name.
            </p>
        </aside>
    </div>
</Frame>

<style>
    h1 {
        margin-bottom: 0.75rem;
    }

    h2 {
        margin: 1.5rem 0 0.5rem;
    }

    aside h2 {
        margin-top: 0;
    }

    form {
        display: grid;
        justify-items: start;
        gap: 0.5rem;
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }

    label {
        font-weight: 600;
    }

    input {
        width: 100%;
        min-height: 3.25rem;
        padding: 0 1rem;
        border: 2px solid var(--line-strong);
        border-radius: var(--radius);
        background: var(--sheet);
        font-size: 1.25rem;
    }

    input[aria-invalid='true'] {
        border-color: var(--madder);
    }

    #reading {
        width: 100%;
        min-height: 4.5rem;
        padding: 0.625rem 1rem;
        border-left: 4px solid var(--here);
        background: var(--here-soft);
    }

    #reading.fault {
        border-color: var(--madder);
        background: var(--madder-soft);
        color: var(--madder);
        font-weight: 600;
    }

    .echo {
        color: var(--ink-soft);
        font-weight: 400;
        white-space: pre-wrap;
    }

    mark {
        background: none;
        color: var(--madder);
        font-weight: 700;
        text-decoration: underline wavy;
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        padding: 0.25rem 0;
        border-bottom: 1px solid var(--line);
    }

    aside {
        padding: 1.25rem 1.5rem;
        background: var(--rail);
        border-radius: var(--radius);
    }

    dl {
        margin: 0 0 1rem;
    }

    dt button {
        width: 100%;
        min-height: var(--target);
        padding: 0;
        border: 0;
        background: none;
        color: var(--here);
        font-weight: 600;
        text-align: left;
        cursor: pointer;
    }

    dd {
        margin: -0.375rem 0 0.25rem;
        color: var(--ink-soft);
        font-size: var(--small);
    }
</style>
