<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import ReadFile from '@/parts/ReadFile.svelte'
    import { count } from '@/lib/format'
    import { sender } from '@/lib/send.svelte'
    import type { ReadDays } from '@/lib/props'

    /** Address books and calendars, read and written. What was read is looked at before it is saved. */
    let { read }: { read: ReadDays | null } = $props()
</script>

<section aria-labelledby="files-title">
    <h2 id="files-title">Address book and calendar</h2>
    <ReadFile
        path="/people/read"
        field="days_file"
        label="Read an address book (.vcf) or a calendar (.ics), up to 4 MB"
        accept=".vcf,.ics,text/vcard,text/calendar"
    />
    {#if read}
        <div class="read" role="status">
            <p>
                <b>{read.name}</b>: {count(read.newDays, 'new day')}, {read.people === 1
                    ? '1 new person'
                    : `${read.people} new people`}{read.known ? `; ${count(read.known, 'day')} you have already` : ''}.
            </p>
            <ul>
                {#each read.days as day, i (i)}<li>{day}</li>{/each}
            </ul>
            {#if read.left.length}
                <p>Left out:</p>
                <ul class="soft">
                    {#each read.left as one, i (i)}<li>{one}</li>{/each}
                </ul>
            {/if}
            <p class="acts">
                {#if read.newDays || read.people}
                    <Button
                        main
                        disabled={sender.isBusy}
                        onclick={() => sender.send('/people/keep', { token: read.token }, { keeps: 'errors' })}
                    >
                        Save them
                    </Button>
                {/if}
                <Button href="/people">Cancel</Button>
            </p>
        </div>
    {/if}
    <p class="acts">
        <Button href="/people/people.vcf" download>People, vCard</Button>
        <Button href="/people/days.ics" download>Their days, calendar</Button>
        <Button href="/people/send-by.ics" download>Send-by days, calendar</Button>
    </p>
</section>

<style>
    section {
        display: grid;
        gap: 0.625rem;
    }

    .read {
        padding: 0.75rem 1rem;
        border-left: 4px solid var(--here);
        background: var(--here-soft);
    }

    .read ul {
        max-height: 14rem;
        margin: 0.25rem 0;
        padding-left: 1.25rem;
        overflow: auto;
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }
</style>
