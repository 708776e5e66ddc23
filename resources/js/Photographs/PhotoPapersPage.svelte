<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import DoneWith from './DoneWith.svelte'
    import Handles from './Handles.svelte'
    import PaperFace from './PaperFace.svelte'
    import Reading from './Reading.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { PhotoPapersPage } from '@/lib/props'

    let { id, isKept, reading, orders, pad }: PhotoPapersPage = $props()

    const path = $derived(`photographs/${id}/papers`)
    const faces = $derived(pad?.papers.flatMap((paper) => paper.faces) ?? [])
    /** The photograph whose corners are being moved. */
    let open = $state<number | null>(null)
    const shown = $derived(faces.find(({ n }) => n === open))
    let width = $state(0)
    let height = $state(0)

    const edit = (what: string, on: number, more: Record<string, string | number> = {}): void =>
        sender.send(path, { do: what, on, ...more })
    /** The paper on the list for the first of them. None if they are new. */
    let onto = $state('')
    const keep = (): void => sender.send(`${path}/keep`, { onto })
    const wrong = $derived(kit.errors['count'] ?? kit.errors['handles'] ?? kit.errors['onto'] ?? kit.errors[''])
    const first = $derived(faces[0]?.n ?? 0)

    useKeys(() => (pad && !isKept ? [{ key: 'k', shown: 'K', says: 'Save the papers as lines of the kit', run: keep }] : []))
</script>

<Frame title="Papers on photographs">
    {#if !pad}
        <div class="place">
            <h1>Photographs of a pad</h1>
            <Reading {reading} path="photographs/{id}" />
        </div>
    {:else if isKept}
        <DoneWith />
    {:else}
        <div class="place">
            <h1>The pad, sheet by sheet</h1>
            <div class="row">
                <label>
                    The photographs show
                    <select value={pad.order} onchange={(event) => edit('order', first, { text: event.currentTarget.value })}>
                        {#each orders as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
                    </select>
                </label>
                <label>
                    Sheets of each
                    <input
                        value={pad.count}
                        size="3"
                        inputmode="numeric"
                        aria-invalid={!!kit.errors['count']}
                        onchange={(event) => edit('count', first, { text: event.currentTarget.value })}
                    />
                </label>
                {#if pad.onList.length}
                    <label>
                        They are
                        <select bind:value={onto} aria-invalid={!!kit.errors['onto']}>
                            <option value="">new papers</option>
                            {#each pad.onList as paper (paper.id)}<option value={String(paper.id)}>on the list, from {paper.name} on</option
                                >{/each}
                        </select>
                    </label>
                {/if}
                <span class="soft">{pad.size} each{pad.dropped ? `, ${pad.dropped} removed` : ''}</span>
                <Button main key="K" disabled={sender.isBusy} onclick={keep}>
                    {onto ? 'Add photographs to' : 'Save'}
                    {pad.papers.length === 1 ? '1 paper' : `${pad.papers.length} papers`}
                </Button>
                <Button onclick={() => sender.send(`photographs/${id}`, {}, { method: 'delete' })}>Discard the photographs</Button>
            </div>
            {#if wrong}<p class="fault" role="alert">{wrong}</p>{/if}
            {#if shown}
                <section class="corners" aria-label="Corners of photograph {shown.n + 1}">
                    <p>
                        Move the corners onto those of the sheet, by hand or with the arrow keys.
                        <Button onclick={() => (open = null)}>Done</Button>
                    </p>
                    <img src={shown.photograph} alt="" bind:naturalWidth={width} bind:naturalHeight={height} />
                    {#if width}
                        <svg viewBox="0 0 {width} {height}">
                            <image href={shown.photograph} {width} {height} />
                            <Handles
                                points={shown.corners}
                                says="Corner"
                                closed
                                {width}
                                {height}
                                onmoved={(points) =>
                                    sender.send(path, { do: 'corners', on: shown.n, handles: points.map(({ x, y }) => [x, y]) })}
                            />
                        </svg>
                    {/if}
                </section>
            {/if}
            <ol>
                {#each pad.papers as paper (paper.number)}
                    <li>
                        <h2>Paper {paper.number}</h2>
                        <div class="faces">
                            {#each paper.faces as face (face.n)}
                                <PaperFace {face} paper={paper.number} {edit} oncorners={() => (open = face.n)} />
                            {/each}
                            {#if paper.faces.length === 1}<p class="soft">Its back is plain.</p>{/if}
                        </div>
                    </li>
                {/each}
            </ol>
        </div>
    {/if}
</Frame>

<style>
    .place {
        padding: 1.25rem 1.5rem 3rem;
    }

    .row {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 1rem;
        margin: 0.5rem 0 1rem;
    }

    label {
        font-weight: 600;
    }

    .corners img {
        display: none;
    }

    .corners svg {
        display: block;
        max-width: 100%;
        max-height: 70vh;
        margin: 0.5rem 0 1.5rem;
        border-radius: var(--radius);
    }

    ol {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(23rem, 100%), 1fr));
        gap: 1rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        padding: 0.75rem;
        border-radius: var(--radius);
        background: var(--rail);
    }

    h2 {
        margin-bottom: 0.375rem;
        font-size: var(--body);
    }

    .faces {
        display: flex;
        flex-wrap: wrap;
        gap: 0.75rem;
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
    }
</style>
