<script lang="ts">
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import ReferenceFields from './ReferenceFields.svelte'
    import { fromHand } from '@/lib/inHand'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { PhotographsPage } from '@/lib/props'

    let { laid, orders, front, sheet, mostMegabytes }: PhotographsPage = $props()

    let by = $state('sheet')
    let lengths = $state(untrack(() => front))
    let pieces = $state<FileList | undefined>(fromHand('pieces') ?? undefined)
    let papers = $state<FileList | undefined>(fromHand('papers') ?? undefined)
    let size = $state(untrack(() => sheet))
    let order = $state(untrack(() => orders[0]?.key ?? ''))
    let count = $state('2')
    let tooLarge = $state('')
    let asked = $state('')
    const moment = (at: string): string =>
        new Intl.DateTimeFormat(navigator.language, { dateStyle: 'medium', timeStyle: 'short' }).format(new Date(at))
    /** The fault of a file is shown under its number. */
    const refused = $derived(Object.entries(kit.errors).find(([field]) => field.startsWith('files'))?.[1])
    const fault = (form: string): string | undefined => (asked === form ? tooLarge || refused : undefined)

    function bring(event: SubmitEvent, form: 'pieces' | 'papers', files: FileList | undefined, more: Record<string, string>): void {
        event.preventDefault()
        const chosen = [...(files ?? [])]
        const large = chosen.find((file) => file.size > mostMegabytes * 1_000_000)
        asked = form
        tooLarge = large ? `${large.name} is larger than ${mostMegabytes} MB.` : ''
        if (!tooLarge) sender.send(`photographs/${form}`, { files: chosen, sent: chosen.length, ...more })
    }
</script>

<Frame title="From photographs">
    <div class="place">
        {#if laid.length}
            <section aria-labelledby="laid-title">
                <h2 id="laid-title">Not saved yet</h2>
                <ul>
                    {#each laid as one (one.id)}
                        <li>
                            <Button main={!one.isFault} href="{kit.frame.url}/photographs/{one.id}/look">{one.what}</Button>
                            <span class="soft">{moment(one.at)}{one.says ? `: ${one.says}` : ''}</span>
                            <Button
                                aria-label="Leave {one.what} of {moment(one.at)}"
                                onclick={() => sender.send(`photographs/${one.id}`, {}, { method: 'delete' })}>Discard it</Button
                            >
                        </li>
                    {/each}
                </ul>
            </section>
        {/if}
        <div class="two">
            <form onsubmit={(event) => bring(event, 'pieces', pieces, { by, lengths })} novalidate>
                <h1>A table of pieces</h1>
                <p>
                    Lay die cuts, stickers or ephemera apart on a plain surface of another colour. Put something of known size beside them,
                    and take one photograph from above. Each piece becomes a line of the kit with its own picture. Two of the same are
                    counted as two.
                </p>
                <label for="pieces-file">The photograph (JPEG, PNG or WebP, up to {mostMegabytes} MB)</label>
                <input
                    id="pieces-file"
                    type="file"
                    accept="image/jpeg,image/png,image/webp"
                    bind:files={pieces}
                    aria-invalid={!!fault('pieces')}
                    aria-describedby={fault('pieces') ? 'pieces-fault' : undefined}
                />
                {#if fault('pieces')}<p id="pieces-fault" class="fault" role="alert">{fault('pieces')}</p>{/if}
                <ReferenceFields bind:by bind:lengths fault={kit.errors['lengths']} />
                <Button main type="submit" disabled={sender.isBusy}>Find the pieces</Button>
            </form>
            <form onsubmit={(event) => bring(event, 'papers', papers, { size, order, count })} novalidate>
                <h2>A pad of papers</h2>
                <p>
                    Take one photograph of each face, with some of the table round the sheet. Each is straightened by its corners. Its
                    colours, and how busy it is, are read from it.
                </p>
                <label for="papers-files">The photographs, in their order (up to 60)</label>
                <input
                    id="papers-files"
                    type="file"
                    multiple
                    accept="image/jpeg,image/png,image/webp"
                    bind:files={papers}
                    aria-invalid={!!fault('papers')}
                    aria-describedby={fault('papers') ? 'papers-fault' : undefined}
                />
                {#if fault('papers')}<p id="papers-fault" class="fault" role="alert">{fault('papers')}</p>{/if}
                <label for="papers-order">They show</label>
                <select id="papers-order" bind:value={order}>
                    {#each orders as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
                </select>
                <label for="papers-size">Size of a sheet ({kit.frame.unit})</label>
                <input
                    id="papers-size"
                    bind:value={size}
                    size="12"
                    aria-invalid={!!kit.errors['size']}
                    aria-describedby={kit.errors['size'] ? 'size-fault' : undefined}
                />
                {#if kit.errors['size']}<p id="size-fault" class="fault" role="alert">{kit.errors['size']}</p>{/if}
                <label for="papers-count">Sheets of each</label>
                <input
                    id="papers-count"
                    bind:value={count}
                    size="3"
                    inputmode="numeric"
                    aria-invalid={!!kit.errors['count']}
                    aria-describedby={kit.errors['count'] ? 'count-fault' : undefined}
                />
                {#if kit.errors['count']}<p id="count-fault" class="fault" role="alert">{kit.errors['count']}</p>{/if}
                <Button main type="submit" disabled={sender.isBusy}>Read the papers</Button>
            </form>
        </div>
        <p class="soft">Photographs are read on this machine and are sent nowhere. Place and time are not saved with the pictures.</p>
    </div>
</Frame>

<style>
    .place {
        max-width: 72rem;
        padding: 1.25rem 1.5rem 3rem;
    }

    .two {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(min(22rem, 100%), 1fr));
        gap: 1.5rem 3rem;
        margin-bottom: 1.5rem;
    }

    form {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        align-content: start;
        justify-items: start;
        gap: 0.5rem;
    }

    h2 {
        font-size: var(--title);
    }

    #laid-title {
        font-size: var(--large);
    }

    ul {
        margin: 0 0 1.5rem;
        padding: 0;
        list-style: none;
    }

    li {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.25rem 1rem;
        padding: 0.25rem 0;
    }

    label {
        font-weight: 600;
    }

    input,
    select {
        max-width: 100%;
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
    }
</style>
