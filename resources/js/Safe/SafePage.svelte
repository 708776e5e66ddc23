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
    /** The copy that would replace everything. The maker is asked again. */
    let asked = $state<string | null>(null)

    const moment = (at: string): string =>
        new Intl.DateTimeFormat(navigator.language, { dateStyle: 'medium', timeStyle: 'short' }).format(new Date(at))

    poll('work', () => isUnderWay)

    /** Saving ends with the file. The page that asked for it downloads it. */
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
        <span class="sure" role="alert">Everything here now is replaced. A copy of it is saved first.</span>
        <Button onclick={go}>Yes, replace everything</Button>
    {/if}
    <!-- The same button takes it back, so that the focus stays and Enter pressed twice changes nothing. -->
    <Button disabled={isUnderWay} onclick={() => (asked = asked === name ? null : name)}>
        {asked === name ? 'Cancel' : 'Replace everything with it…'}
    </Button>
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
                {#if work.file}<Button main href="/safe/saved" download>Download {work.file} again</Button>{/if}
            </UnderWay>
        {/if}
        <div class="two">
            <section aria-labelledby="save-title">
                <h2 id="save-title">Save</h2>
                <p>
                    One file with everything: kits, cards, cuts, offcuts, counts, palettes, sketches, people and photographs. Only the list
                    of what you could undo is left out.
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
                    The file is checked as a whole before anything changes. Opened beside what is here, its kits come to the shelf and its
                    stash joins yours. People and settings that you have stay as they are. Undo takes it all back.
                </p>
            </section>
        </div>
        <section aria-labelledby="copies-title">
            <h2 id="copies-title">Automatic copies</h2>
            {#if folder === null}
                <p>No copies are kept: the application was started without a folder for them.</p>
            {:else}
                <p>
                    One a day, and one before an update or another table changes everything. The newest seven of the days and seven others
                    are in <code>{folder}</code>. Keep that folder on another disk too.
                </p>
                {#if fault}<p class="fault" role="alert">The last copy could not be saved: {fault}</p>{/if}
                {#if copies.length}
                    <ul>
                        {#each copies as copy (copy.name)}
                            <li>
                                <b>{moment(copy.at)}</b>
                                <span class="soft">{copy.says}, {copy.size}</span>
                                <span class="acts">
                                    <Button href="/safe/copies/{copy.name}" download>Download the copy</Button>
                                    <Button disabled={isUnderWay} onclick={() => openCopy(copy.name, false)}>Open beside</Button>
                                    {@render instead(copy.name, () => openCopy(copy.name, true))}
                                </span>
                            </li>
                        {/each}
                    </ul>
                {:else}
                    <p class="soft">There are none yet. The first is saved today, once there is a kit on the shelf.</p>
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
