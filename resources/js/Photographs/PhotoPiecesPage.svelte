<script lang="ts">
    import { tick } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import DoneWith from './DoneWith.svelte'
    import Handles from './Handles.svelte'
    import MeasuredBy from './MeasuredBy.svelte'
    import PieceActs from './PieceActs.svelte'
    import PieceOutline from './PieceOutline.svelte'
    import PieceRow from './PieceRow.svelte'
    import Reading from './Reading.svelte'
    import { kit } from '@/lib/kit'
    import { toNeighbour, useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { PhotoPiecesPage, Place, SeenPiece } from '@/lib/props'

    let { id, isKept, reading, table }: PhotoPiecesPage = $props()

    const path = $derived(`photographs/${id}/pieces`)
    const pieces = $derived(table?.pieces ?? [])
    let chosen = $state(0)
    const piece = $derived(pieces.find(({ number }) => number === chosen) ?? pieces.find(({ isReference }) => !isReference))
    /** A line that is being drawn through the selected piece. */
    let line = $state<Place[] | null>(null)
    /** Where its ends have been moved. */
    let ends = $state<Place[] | null>(null)
    let shownWidth = $state(700)
    const zoom = $derived(Math.max(1, (table?.width ?? 700) / Math.max(200, shownWidth) / 2))
    const listed = $derived(pieces.filter(({ isReference, isTwin }) => !isReference && !isTwin))
    const says = $derived(kit.errors['part'] ?? kit.errors['lengths'] ?? kit.errors['count'] ?? kit.errors[''])

    function choose(next: SeenPiece | undefined, andFocus = false): void {
        if (!next) return
        if (next.number !== chosen) line = null
        chosen = next.number
        document.getElementById(`row-${next.number}`)?.scrollIntoView({ block: 'nearest' })
        if (andFocus) void tick().then(() => document.getElementById(`piece-${chosen}`)?.focus())
    }

    function walk(by: number): void {
        const at = pieces.findIndex(({ number }) => number === piece?.number)
        choose(pieces[(at + by + pieces.length) % pieces.length], true)
    }

    const edit = (what: string, more: Record<string, number> = {}): void => {
        if (piece) sender.send(path, { do: what, on: piece.number, ...more })
    }

    function layLine(): void {
        if (!piece) return
        const { x, y } = piece.at
        ends = null
        line =
            piece.neck.length === 2
                ? piece.neck
                : [
                      { x, y: y - 80 },
                      { x, y: y + 80 },
                  ]
    }

    // The line gets the focus when it is drawn, and the piece gets it back when something was done.
    $effect(() => {
        void [table, line]
        void tick().then(() => {
            if (line) document.querySelector<HTMLElement>('.ends .handle')?.focus()
            else if (document.activeElement === document.body && chosen) document.getElementById(`piece-${piece?.number}`)?.focus()
        })
    })

    function part(along: Place[] = []): void {
        if (!piece) return
        sender.send(path, { do: 'part', on: piece.number, along: along.map(({ x, y }) => [x, y]) })
        line = null
    }

    const measure = (points: Place[]): void => sender.send(path, { do: 'measure', handles: points.map(({ x, y }) => [x, y]) })

    function press(event: KeyboardEvent): void {
        const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
        if (by) {
            event.preventDefault()
            walk(by)
        }
        if (event.key === 'Enter') {
            event.preventDefault()
            document.querySelector<HTMLInputElement>(`#row-${chosen} input`)?.focus()
        }
    }

    /** Esc leaves a field for its piece. Enter and the arrows go to the field above or below. */
    function onfield(event: KeyboardEvent): void {
        const here = event.target
        if (!(here instanceof HTMLInputElement) || !here.dataset['column']) return
        if (event.key === 'Escape') choose(piece, true)
        toNeighbour(event, document.querySelectorAll<HTMLInputElement>(`[data-column=${here.dataset['column']}]`))
    }

    const keep = (): void =>
        sender.send(
            `${path}/keep`,
            {},
            { refused: () => void tick().then(() => document.querySelector<HTMLElement>('[aria-invalid=true]')?.focus()) },
        )

    const isOpen = $derived(table !== null && !isKept)
    useKeys(() =>
        isOpen
            ? [
                  {
                      key: 'c',
                      shown: 'C',
                      says: 'Go to the pieces: arrows to the next, Enter says what it is',
                      run: () => choose(piece, true),
                  },
                  { key: 'x', shown: 'X', says: 'Remove a piece, or put it back', run: () => edit(piece?.isDropped ? 'take' : 'drop') },
                  { key: 'p', shown: 'P', says: 'Separate two pieces that touch', run: () => part() },
                  { key: 'l', shown: 'L', says: 'Draw a line to cut along; Enter cuts', run: layLine },
                  { key: 't', shown: 'T', says: 'Turn a piece by a quarter', run: () => edit('turn', { by: 90 }) },
                  { key: 'T', shown: 'Shift T', says: 'Turn a piece by five degrees', run: () => edit('turn', { by: 5 }) },
                  { key: 'w', shown: 'W', says: 'Fill the windows of a piece', run: () => edit('fill') },
                  { key: 'm', shown: 'M', says: 'Measure by this piece', run: () => edit('measure') },
                  { key: 'k', shown: 'K', says: 'Save the pieces as lines of the kit', run: keep },
              ]
            : [],
    )
</script>

<Frame title="Pieces on a photograph">
    {#if !table}
        <div class="place">
            <h1>A photograph of pieces</h1>
            <Reading {reading} path="photographs/{id}" />
        </div>
    {:else if isKept}
        <DoneWith />
    {:else}
        <!-- svelte-ignore a11y_no_static_element_interactions -->
        <div class="two" onkeydown={onfield}>
            <section class="photo" aria-label="The photograph">
                <MeasuredBy reference={table.reference} {path} />
                {#if says}<p class="fault" role="alert">{says}</p>{/if}
                <div bind:clientWidth={shownWidth}>
                    <svg viewBox="0 0 {table.width} {table.height}">
                        <image href={table.picture} width={table.width} height={table.height} />
                        <g role="listbox" tabindex="-1" aria-label="Pieces on the photograph" onkeydown={press}>
                            {#each pieces as one (one.number)}
                                <PieceOutline piece={one} isChosen={one.number === piece?.number} {zoom} onchoose={() => choose(one)} />
                            {/each}
                        </g>
                        {#if table.reference.handles.length}
                            <Handles
                                points={table.reference.handles}
                                says={table.reference.by === 'points' ? 'Point' : 'Corner of what it is measured by,'}
                                closed={table.reference.by === 'sheet'}
                                width={table.width}
                                height={table.height}
                                {zoom}
                                onmoved={measure}
                            />
                        {/if}
                        {#if line}
                            <g class="ends">
                                <Handles
                                    points={line}
                                    says="End of the line"
                                    {zoom}
                                    width={table.width}
                                    height={table.height}
                                    onmoved={(points) => (ends = points)}
                                    onenter={() => part(ends ?? line ?? [])}
                                />
                            </g>
                        {/if}
                    </svg>
                </div>
                {#if piece}
                    <PieceActs {piece} isLine={line !== null} {edit} onpart={() => part(ends ?? line ?? [])} online={layLine} />
                {/if}
            </section>
            <section class="list" aria-labelledby="pieces-title">
                <h1 id="pieces-title">What is each of them?</h1>
                <p class="soft">“robin”, “sticker cake”, “tag”, or its words in quotation marks. Nothing is saved until you say so.</p>
                <ul>
                    {#each listed as one (one.number)}
                        <PieceRow
                            piece={one}
                            {path}
                            picture={table.picture}
                            isChosen={one.number === piece?.number}
                            onchoose={() => choose(one)}
                        />
                    {/each}
                </ul>
                <p class="acts">
                    <Button main key="K" disabled={sender.isBusy} onclick={keep}>
                        Save {table.kept === 1 ? '1 piece' : `${table.kept} pieces`}
                    </Button>
                    <Button onclick={() => sender.send(`photographs/${id}`, {}, { method: 'delete' })}>Discard the photograph</Button>
                </p>
            </section>
        </div>
    {/if}
</Frame>

<style>
    .place {
        max-width: 60rem;
        padding: 1.5rem;
    }

    .two {
        display: grid;
        grid-template-columns: minmax(0, 3fr) minmax(20rem, 2fr);
        gap: 1.5rem;
        align-items: start;
        padding: 1rem 1.5rem 2rem;
    }

    .photo {
        position: sticky;
        top: 0.5rem;
        display: grid;
        gap: 0.5rem;
    }

    svg {
        display: block;
        width: 100%;
        max-height: 72vh;
        border-radius: var(--radius);
        background: var(--rail);
    }

    ul {
        margin: 0.5rem 0;
        padding: 0;
        list-style: none;
    }

    .acts {
        position: sticky;
        bottom: 0;
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
        padding: 0.5rem 0;
        background: var(--sheet);
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
    }

    @media (max-width: 60rem) {
        .two {
            grid-template-columns: minmax(0, 1fr);
            padding: 0.75rem;
        }

        .photo {
            position: static;
        }
    }
</style>
