<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { kit } from '@/lib/kit'
    import { surfaceFill } from '@/lib/surfaces'
    import { money } from '@/lib/format'
    import KitForm from './KitForm.svelte'
    import { untrack } from 'svelte'
    import { sender } from '@/lib/send.svelte'
    import type { AboutKit, ShelfPage } from '@/lib/props'

    let { kits, shelf, fronts }: ShelfPage = $props()

    const MOST_BYTES = 2_000_000
    let files = $state<FileList>()
    let tooLarge = $state('')
    const faults = $derived((tooLarge || (kit.errors['kit_file'] ?? '')).split('\n').filter(Boolean))

    let code = $state('')
    const codeFault = $derived(kit.errors['code'])
    const blank: AboutKit = {
        name: '',
        unit: 'in',
        front_width: untrack(() => fronts.in.width),
        front_height: untrack(() => fronts.in.height),
        promised: '10',
        price: '',
        currency: '',
        bought_on: '',
        theme: '',
        instructions: '',
    }
    let isByHand = $state(untrack(() => 'name' in kit.errors))

    let list = $state('')

    function begin(event: SubmitEvent): void {
        event.preventDefault()
        sender.send('/kits/list', { list }, { keeps: 'errors' })
    }

    function ask(event: SubmitEvent): void {
        event.preventDefault()
        sender.send('/kit-post', { code })
    }

    function bringIn(event: SubmitEvent): void {
        event.preventDefault()
        const file = files?.[0]
        tooLarge = file && file.size > MOST_BYTES ? 'The file is larger than 2 MB. A kit file is a short text.' : ''
        if (tooLarge) return
        sender.send('/kits', { kit_file: file ?? null })
    }
</script>

<Frame title="Shelf" {shelf}>
    <SurfaceDefs goods={Object.fromEntries(kits.flatMap((kit) => kit.papers.map((paper) => [paper.id, paper])))} />
    <div class="shelf abreast">
        <section aria-labelledby="kits-title">
            <h1 id="kits-title">Kits on the shelf</h1>
            <p class="made"><Link href="/cards">Cards made, of all kits</Link></p>
            {#if kits.length === 0}
                <p class="none">No kit yet. Bring one in from a file: the packing list of a kit, written as keepshare/kit.</p>
            {/if}
            <ul>
                {#each kits as kit (kit.id)}
                    <li class:stash={kit.isStash} class:away={kit.isPutAway}>
                        <Link href={kit.url}>
                            {#if kit.papers.length}
                                <span class="papers" aria-hidden="true">
                                    {#each kit.papers.slice(0, 12) as paper (paper.id)}
                                        <svg viewBox="0 0 22 22"><rect width="22" height="22" fill={surfaceFill(paper.id, 0)} /></svg>
                                    {/each}
                                </span>
                            {/if}
                            <strong>{kit.name}{kit.isPutAway ? ', put away' : ''}</strong>
                            <span
                                ><Measure
                                    text={kit.isStash
                                        ? 'What you had already; beside every kit'
                                        : `${kit.front} · ${kit.promised} cards promised`}
                                /></span
                            >
                            <span class="figures">
                                {kit.components}{kit.cards ? ` · ${kit.cards} cards shared out` : ''}{kit.price
                                    ? ` · ${money(kit.price)}`
                                    : ''}
                            </span>
                        </Link>
                    </li>
                {/each}
            </ul>
        </section>
        <section class="bring" aria-labelledby="bring-title">
            <h2 id="bring-title">Bring in your own kit</h2>
            <h3>From its packing list</h3>
            <form onsubmit={begin} novalidate>
                <label for="pasted">Paste the list, or type it: one thing a line</label>
                <textarea
                    id="pasted"
                    rows="5"
                    maxlength="60000"
                    spellcheck="false"
                    placeholder="Cloud Pasture, February box, $28.00, 10 cards, A2"
                    bind:value={list}
                    aria-invalid={!!kit.errors['list']}
                    aria-describedby={kit.errors['list'] ? 'list-fault' : 'list-hint'}></textarea>
                {#if kit.errors['list']}<p id="list-fault" class="faults" role="alert">{kit.errors['list']}</p>{/if}
                <p id="list-hint" class="hint">The first line may say what the kit is called, what it cost, how many cards, which front.</p>
                <Button main type="submit" disabled={sender.isBusy}>Begin a kit with it</Button>
            </form>
            <h3>From a file</h3>
            <form onsubmit={bringIn} novalidate>
                <label for="kit-file">A kit file or a packing list (JSON or CSV, up to 2 MB)</label>
                <input
                    id="kit-file"
                    type="file"
                    accept=".json,.csv,.tsv,application/json,text/csv"
                    bind:files
                    aria-invalid={faults.length > 0}
                    aria-describedby={faults.length ? 'kit-file-faults' : undefined}
                />
                {#if faults.length}
                    <div id="kit-file-faults" class="faults" role="alert">
                        <p>Nothing was brought in. {faults.length === 1 ? 'This is wrong:' : `${faults.length} things are wrong:`}</p>
                        <ol>
                            {#each faults as fault, i (i)}<li>{fault}</li>{/each}
                        </ol>
                    </div>
                {/if}
                <Button type="submit" disabled={sender.isBusy}>{sender.isBusy ? 'Reading the file…' : 'Bring it in'}</Button>
            </form>
            <h3>From the kit post</h3>
            <form onsubmit={ask} novalidate>
                <label for="code">Code on the packing list</label>
                <input
                    id="code"
                    bind:value={code}
                    placeholder="ORCHARD-12"
                    autocomplete="off"
                    aria-invalid={!!codeFault}
                    aria-describedby={codeFault ? 'code-fault' : 'code-hint'}
                />
                {#if codeFault}<p id="code-fault" class="faults" role="alert">{codeFault}</p>{/if}
                <Button type="submit" disabled={sender.isBusy}>Ask the kit post</Button>
                <p id="code-hint" class="hint">
                    A stand-in that ships with Keep Share, for trying out: ORCHARD-12, TRAMLINE-3, TEASHED-40, NORTHLIGHT-7.
                </p>
            </form>
            <h3>By hand</h3>
            {#if isByHand}
                <KitForm about={blank} {fronts} path="/kits/new" does="Start this kit" />
            {:else}
                <Button onclick={() => (isByHand = true)}>Start a kit and write its lines</Button>
            {/if}
            <p class="hint">
                The formats are explained in <code>docs/formats/kit.md</code> and <code>packing-list.md</code>, with examples.
            </p>
        </section>
    </div>
</Frame>

<style>
    .made {
        margin-bottom: 0.5rem;
    }

    .shelf {
        max-width: 70rem;
        margin: 0 auto;
        padding-block: 2.5rem;
    }

    h1,
    h2 {
        margin-bottom: var(--gap);
        font-size: var(--title);
    }

    ul {
        display: grid;
        gap: 0.75rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    ul :global(a) {
        display: grid;
        gap: 0.25rem;
        padding: 1.125rem 1.25rem;
        border: 1px solid var(--line);
        border-left: 6px solid var(--here);
        border-radius: var(--radius);
        background: var(--sheet);
        color: var(--ink);
        text-decoration: none;
        box-shadow: var(--shadow);
    }

    .stash :global(a) {
        border-left-color: var(--kraft);
    }

    strong {
        font-size: var(--large);
    }

    .papers {
        display: grid;
        grid-template-columns: repeat(12, 1fr);
        gap: 3px;
        margin-bottom: 0.375rem;
    }

    .papers svg {
        display: block;
        border-radius: 2px;
        box-shadow: 0 0 0 0.5px var(--paper-edge);
    }

    .figures,
    .hint,
    .none {
        color: var(--ink-soft);
    }

    .bring {
        align-self: start;
        padding: 1.5rem;
        background: var(--rail);
        border-radius: var(--radius);
    }

    form {
        display: grid;
        justify-items: start;
        gap: 0.75rem;
    }

    label {
        font-weight: 600;
    }

    .away {
        opacity: 0.75;
    }

    h3 {
        margin: 1.5rem 0 0.5rem;
        font-size: var(--body);
    }

    .bring > form > input,
    textarea {
        width: 100%;
    }

    .faults {
        width: 100%;
        max-height: 20rem;
        overflow: auto;
        color: var(--madder);
        overflow-wrap: anywhere;
    }

    .faults p {
        font-weight: 650;
    }

    ol {
        margin: 0.25rem 0 0;
        padding-left: 1.5rem;
    }

    .hint {
        margin-top: var(--gap);
        font-size: var(--small);
    }
</style>
