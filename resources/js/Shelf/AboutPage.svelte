<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Files from '@/parts/Files.svelte'
    import Frame from '@/parts/Frame.svelte'
    import KitForm from './KitForm.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { AboutPage } from '@/lib/props'

    let { about, fronts, isPutAway, paper, papers }: AboutPage = $props()

    const frame = $derived(kit.frame)
</script>

<Frame title="About the kit">
    <div class="place abreast">
        <section>
            <h1>About {frame.name}</h1>
            {#key frame.id}<KitForm {about} {fronts} path="about" does="Save the changes" />{/key}
        </section>
        <aside aria-label="The kit as a whole">
            <h2>The kit as a whole</h2>
            <p>Its packing list as a keepshare/kit file, to save or to pass on.</p>
            <Files at="about" of={frame.url} />
            <label for="paper">Paper in the printer, for all kits</label>
            <select id="paper" value={paper} onchange={(event) => sender.send('/paper', { paper: event.currentTarget.value })}>
                <option value="">the paper of its unit</option>
                {#each papers as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
            </select>
            {#if kit.errors['paper']}<p class="fault" role="alert">{kit.errors['paper']}</p>{/if}
            {#if !frame.isStash}
                <p>Add a second kit with the same packing list, all of it there.</p>
                <Button onclick={() => sender.send('duplicate')}>Duplicate</Button>
                <p>
                    {isPutAway ? 'It is put away and comes last on the shelf.' : 'Put away, it comes last on the shelf. Nothing is lost.'}
                </p>
                <Button onclick={() => sender.send('put-away', { away: !isPutAway })}>{isPutAway ? 'Bring it back' : 'Put away'}</Button>
                <p>This removes it from the shelf. Undo on the shelf brings it back.</p>
                <Button onclick={() => sender.send(frame.url, {}, { method: 'delete' })}>Delete</Button>
            {/if}
        </aside>
    </div>
</Frame>

<style>
    .place {
        --columns: minmax(0, 3fr) minmax(0, 1fr);
    }

    h1 {
        margin-bottom: 1rem;
    }

    aside {
        display: grid;
        align-content: start;
        justify-items: start;
        gap: 0.5rem;
        padding: 1.25rem 1.5rem;
        background: var(--rail);
        border-radius: var(--radius);
    }

    aside p {
        margin-top: 0.75rem;
        color: var(--ink-soft);
    }
</style>
