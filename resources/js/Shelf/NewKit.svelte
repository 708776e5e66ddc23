<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import { Answer } from '@/lib/answer.svelte'
    import { Draft, DraftFields } from '@/lib/draft.svelte'
    import { takeInHand } from '@/lib/inHand'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender, type Data } from '@/lib/send.svelte'
    import type { KitOnShelf } from '@/lib/props'
    import AboutLine from './AboutLine.svelte'

    interface Choice {
        does: string
        address: string
        field: string
    }
    interface Offer {
        says: string
        choices: Choice[]
        kit: string | null
        about: Record<string, string> | null
    }

    /** The one place where something new is brought in: typed, pasted, dropped or chosen. It says first what would be done. */
    let { kits, isFirst }: { kits: KitOnShelf[]; isFirst: boolean } = $props()

    const LOOKED_AT = 65_536
    const MOST_BYTES = 2_000_000
    const NEW = 'new'
    const draft = new Draft('new-kit')
    const about = new DraftFields<Record<string, string>>('new-kit-about')
    let file = $state.raw<File | null>(null)
    let isOver = $state(false)
    let tooLarge = $state('')
    let into = $state('')
    let field = $state<HTMLTextAreaElement>()

    const answer = new Answer<{ offer: Offer | null }>(() => {
        if (file === null && draft.text.trim() === '') return null
        const body = new FormData()
        if (file) {
            body.set('name', file.name)
            body.set('start', file.slice(0, LOOKED_AT), 'start')
        } else body.set('text', draft.text)
        return { path: '/kits/look', body }
    })
    const offer = $derived(answer.current?.offer ?? null)
    const isEmpty = $derived(file === null && draft.text.trim() === '')
    const isUnknown = $derived(!isEmpty && !answer.isComing && answer.current !== null && offer === null)
    const own = $derived(kits.filter(({ isStash }) => !isStash))
    const isPhotograph = $derived(offer?.choices.some(({ address }) => address.endsWith('/photographs')) ?? false)
    /** Every refusal is shown at the one field for everything. */
    const faults = $derived(
        [
            tooLarge,
            ...['list', 'kit_file', 'code', 'share_file', 'recipe', 'record_file', 'table_file'].flatMap((name) =>
                (kit.errors[name] ?? '').split('\n'),
            ),
        ].filter(Boolean),
    )

    $effect(() => {
        if (isFirst) field?.focus()
    })
    $effect(() => {
        const called = offer?.kit
        if (called == null) return
        const named = own.find(({ name }) => name === called) ?? own[0]
        into = named ? String(named.id) : NEW
    })
    useKeys(() => [{ key: 'n', shown: 'N', says: 'A new kit', run: () => field?.focus() }])

    function hold(chosen: FileList | null | undefined): void {
        const one = chosen?.[0]
        if (one) file = one
    }

    function paste(event: ClipboardEvent): void {
        if (!event.clipboardData?.files.length) return
        event.preventDefault()
        hold(event.clipboardData.files)
    }

    function drop(event: DragEvent): void {
        event.preventDefault()
        isOver = false
        hold(event.dataTransfer?.files)
        const dropped = event.dataTransfer?.getData('text') ?? ''
        if (!event.dataTransfer?.files.length && dropped) draft.text = dropped
    }

    function done(): void {
        file = null
        draft.drop()
        about.drop()
    }

    async function take({ address, field: name }: Choice): Promise<void> {
        if (isPhotograph) return photograph(name)
        tooLarge = file && address === '/kits' && file.size > MOST_BYTES ? 'The file is larger than 2 MB. A kit file is a short text.' : ''
        if (tooLarge) return
        const chosen = own.find(({ id }) => String(id) === into)
        const isText = name === 'list' || name === 'code'
        const value = isText
            ? file
                ? await file.text()
                : draft.text
            : (file ?? new File([draft.text], draft.text.trim().startsWith('{') ? 'pasted.json' : 'pasted.csv'))
        const data: Data = { [name]: value }
        if (name === 'list') Object.assign(data, about.written)
        if (chosen) data['revision'] = chosen.revision
        sender.send(address.replace('{kit}', into), data, { keeps: 'errors', done })
    }

    /** It is used on the page of photographs, for an existing kit or one that begins with it. */
    function photograph(as: string): void {
        if (!file) return
        takeInHand(file, as)
        if (into === NEW) sender.send('/kits/list', { list: 'A photographed kit', then: 'photographs' }, { done })
        else router.visit(`/kits/${into}/photographs`)
    }
</script>

<form
    class:over={isOver}
    onsubmit={(event) => {
        event.preventDefault()
        const first = offer?.choices[0]
        if (first) void take(first)
    }}
    ondragover={(event) => {
        event.preventDefault()
        isOver = true
    }}
    ondragleave={() => (isOver = false)}
    ondrop={drop}
    novalidate
>
    <label for="brought">Paste the packing list, or drop a file here</label>
    {#if file}
        <p class="file">
            <strong>{file.name}</strong>
            <Button
                onclick={() => {
                    file = null
                }}>Another</Button
            >
        </p>
    {:else}
        <textarea
            id="brought"
            bind:this={field}
            bind:value={draft.text}
            rows="9"
            maxlength="60000"
            spellcheck="false"
            placeholder="Cloud Pasture, February box, $28.00, 10 cards, A2&#10;12 papers 6x6, 2 each&#10;cardstock 8.5x11: 3 moss, 2 oat"
            aria-invalid={faults.length > 0}
            aria-describedby="brought-says"
            onpaste={paste}></textarea>
    {/if}
    <div id="brought-says" role="status">
        {#if offer}<p class="says">{offer.says}</p>{/if}
        {#if isUnknown}
            <p>Keep Share does not know this kind of file. It reads packing lists, tables (CSV), its own files, and photographs.</p>
        {/if}
    </div>
    {#if faults.length}
        <div class="faults" role="alert">
            <p>Nothing was brought in. {faults.length === 1 ? 'This is wrong:' : `${faults.length} things are wrong:`}</p>
            <ol>
                {#each faults as fault, i (i)}<li>{fault}</li>{/each}
            </ol>
        </div>
    {/if}
    {#if offer?.about}
        <AboutLine said={offer.about} {about} />
    {/if}
    {#if offer?.kit != null}
        <label>
            For which kit?
            <select bind:value={into}>
                {#each own as one (one.id)}<option value={String(one.id)}>{one.name}</option>{/each}
                {#if isPhotograph}<option value={NEW}>A new kit</option>{/if}
            </select>
        </label>
    {/if}
    {#if isEmpty}
        <label class="choose">
            or choose a file
            <input type="file" onchange={(event) => hold(event.currentTarget.files)} />
        </label>
    {/if}
    <p class="acts">
        {#each offer?.choices ?? [] as choice, i (choice.does)}
            <Button
                main={i === 0}
                type={i === 0 ? 'submit' : 'button'}
                disabled={sender.isBusy || (offer?.kit != null && into === '')}
                onclick={i === 0 ? undefined : () => void take(choice)}>{choice.does}</Button
            >
        {/each}
    </p>
    <p class="hint">
        It can also be a kit file, a table (CSV), a share-out, a recipe, a saved table or a photograph. A code of the kit post works too.
        The kit post is a stand-in that ships with Keep Share; try ORCHARD-12, TRAMLINE-3, TEASHED-40 or NORTHLIGHT-7.
        <a href="/how-to-write-a-list">How to write a list</a>
    </p>
</form>

<style>
    form {
        display: grid;
        gap: 0.75rem;
        padding: 0.75rem;
        margin: -0.75rem;
        border: 2px dashed transparent;
        border-radius: var(--radius);
    }

    .over {
        border-color: var(--here);
        background: var(--here-soft);
    }

    label {
        font-weight: 600;
    }

    textarea {
        width: 100%;
        line-height: 1.45;
    }

    .file,
    .acts {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 0.75rem;
    }

    .file {
        padding: 0.75rem 1rem;
        border: 1px solid var(--line);
        border-radius: var(--radius);
        background: var(--sheet);
        overflow-wrap: anywhere;
    }

    .says {
        font-weight: 600;
    }

    .choose {
        display: grid;
        gap: 0.25rem;
        font-weight: 400;
    }

    .faults {
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
        color: var(--ink-soft);
        font-size: var(--small);
    }
</style>
