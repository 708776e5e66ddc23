<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import UnderWay from '@/parts/UnderWay.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { SafePage } from '@/lib/props'

    let { holds, work, copies, folder, fault, shelf }: SafePage = $props()

    const isUnderWay = $derived(work?.isUnderWay ?? false)
    const wrong = $derived(kit.errors['table_file'])
    let files = $state<FileList>()
    /** The copy that is about to take the place of everything: asked once more. */
    let asked = $state<string | null>(null)

    const moment = (at: string): string =>
        new Intl.DateTimeFormat(navigator.language, { dateStyle: 'medium', timeStyle: 'short' }).format(new Date(at))

    poll('work', () => isUnderWay)

    /** Saving ends in the file: it is taken as soon as it is there, by the page that asked for it. */
    let isAsked = $state(false)
    $effect(() => {
        if (!isAsked || isUnderWay || work === null) return
        isAsked = false
        if (work.file) location.assign('/safe/saved')
    })

    const save = (): void => sender.send('/safe/save', {}, { done: () => (isAsked = true) })
    const open = (instead: boolean): void => {
        asked = null
        sender.send('/safe/open', { table_file: files?.[0] ?? null, instead })
    }
    const openCopy = (name: string, instead: boolean): void => {
        asked = null
        sender.send(`/safe/copies/${name}`, { instead })
    }

    useKeys(() => [{ key: 's', shown: 'S', says: 'Save everything as one file', run: () => !isUnderWay && save() }])
</script>

{#snippet instead(name: string, go: () => void)}
    {#if asked === name}
        <span class="sure" role="alert">All that is here now goes; a copy of it is kept first.</span>
        <Button onclick={go}>Yes, in place of everything</Button>
        <Button onclick={() => (asked = null)}>Leave it</Button>
    {:else}
        <Button disabled={isUnderWay} onclick={() => (asked = name)}>In place of everything…</Button>
    {/if}
{/snippet}

<Frame title="Safe keeping" {shelf}>
    <div class="place">
        <h1>Safe keeping</h1>
        <p class="soft">On the table: {holds}.</p>
        {#if work && (work.isUnderWay || work.says)}
            <UnderWay
                isUnderWay={work.isUnderWay}
                isFault={work.isFault}
                done={work.done}
                of={work.of}
                doing={work.isSaving ? 'Saving' : 'Opening'}
                counts="Records done"
                onstop={() => sender.send('/safe/stop')}
            >
                <span>{work.isFault && !work.isSaving ? 'Nothing was opened. ' : ''}{work.says}</span>
                {#if work.file}<Button main href="/safe/saved" download>Take {work.file} once more</Button>{/if}
            </UnderWay>
        {/if}
        <div class="two">
            <section aria-labelledby="save-title">
                <h2 id="save-title">Save</h2>
                <p>
                    One file with everything: kits in mid-work with cards, cuts and offcuts, counts, palettes, sketches, people and
                    photographs. Only what could be undone is not in it.
                </p>
                <Button main key="S" disabled={isUnderWay} onclick={save}>Save everything</Button>
            </section>
            <section aria-labelledby="open-title">
                <h2 id="open-title">Open</h2>
                <label for="table-file">A saved table (.zip, up to 600 MB)</label>
                <input
                    id="table-file"
                    type="file"
                    accept=".zip,application/zip"
                    bind:files
                    aria-invalid={!!wrong}
                    aria-describedby={wrong ? 'table-file-fault' : 'table-file-hint'}
                />
                {#if wrong}<p id="table-file-fault" class="fault" role="alert">{wrong}</p>{/if}
                <p class="acts">
                    <Button disabled={isUnderWay || sender.isBusy} onclick={() => open(false)}>Open it beside what is here</Button>
                    {@render instead('', () => open(true))}
                </p>
                <p id="table-file-hint" class="soft">
                    It is read whole before anything is written. Beside what is here, its kits come to the shelf, its stash to your stash,
                    and people and settings you have already stay as they are; undo takes it all back.
                </p>
            </section>
        </div>
        <section aria-labelledby="copies-title">
            <h2 id="copies-title">Copies that keep themselves</h2>
            {#if folder === null}
                <p>No copies are kept: the application was started without a folder for them.</p>
            {:else}
                <p>
                    One each day, and one before the application or another table changes everything; the newest seven, in
                    <code>{folder}</code>. Keep that folder on another disk too.
                </p>
                {#if fault}<p class="fault" role="alert">The last copy could not be kept: {fault}</p>{/if}
                {#if copies.length}
                    <ul>
                        {#each copies as copy (copy.name)}
                            <li>
                                <b>{moment(copy.at)}</b>
                                <span class="soft">{copy.says}, {copy.size}</span>
                                <span class="acts">
                                    <Button href="/safe/copies/{copy.name}" download>Take the file</Button>
                                    <Button disabled={isUnderWay} onclick={() => openCopy(copy.name, false)}>Open beside</Button>
                                    {@render instead(copy.name, () => openCopy(copy.name, true))}
                                </span>
                            </li>
                        {/each}
                    </ul>
                {:else}
                    <p class="soft">None yet: the first is kept in the background today, once there is a kit on the shelf.</p>
                {/if}
            {/if}
        </section>
    </div>
</Frame>

<style>
    .place {
        max-width: 70rem;
        padding: 1.5rem 1.5rem 3rem;
    }

    .two {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
        gap: 1rem 3rem;
    }

    section {
        display: grid;
        align-content: start;
        justify-items: start;
        gap: 0.625rem;
        margin-top: 1.5rem;
    }

    h2 {
        font-size: var(--large);
    }

    label {
        font-weight: 600;
    }

    input {
        max-width: 100%;
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
    }

    .sure {
        font-weight: 600;
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
        overflow-wrap: anywhere;
    }

    code {
        overflow-wrap: anywhere;
    }

    ul {
        width: 100%;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.25rem 1rem;
        padding: 0.375rem 0;
        border-bottom: 1px solid var(--line);
    }

    li .acts {
        margin-left: auto;
    }
</style>
