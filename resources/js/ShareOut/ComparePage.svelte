<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import ReadFile from '@/parts/ReadFile.svelte'
    import SolutionColumn from './SolutionColumn.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import Wide from '@/parts/Wide.svelte'
    import TextButton from '@/parts/TextButton.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { ComparePage } from '@/lib/props'

    /** Share-outs side by side: the one on the table and the saved ones. */
    let { goods, solutions }: ComparePage = $props()

    const errors = $derived(kit.errors)
    let name = $state('')

    function keep(event: SubmitEvent): void {
        event.preventDefault()
        sender.send('share-out/keep', { name }, { done: () => (name = '') })
    }
</script>

<Frame title="Compare">
    <SurfaceDefs {goods} />
    <form onsubmit={keep}>
        <label for="keep-as">Save the share-out on the table as</label>
        <input id="keep-as" bind:value={name} size="24" autocomplete="off" aria-invalid={!!errors['name']} />
        <Button type="submit">Save it</Button>
        <p class="links">
            Download it:
            {#each kit.filesAt('share-out') as file (file.path)}
                <a href="{kit.frame.url}/{file.path}" download={file.isShown ? undefined : ''}>{file.label}</a>
            {/each}
        </p>
        {#if errors['name']}<p class="fault" role="alert">{errors['name']}</p>{/if}
        <div class="read">
            <ReadFile path="share-out/read" field="share_file" label="Read a share-out again (JSON)" accept=".json,application/json" />
        </div>
    </form>
    <Wide about="Share-outs side by side">
        <div class="side-by-side">
            {#each solutions as { id, name: called, solution } (id)}
                <section aria-labelledby="solution-{id}">
                    <header>
                        <h1 id="solution-{id}">{called}</h1>
                        {#if id !== null}
                            <p>
                                <TextButton onclick={() => sender.send(`share-out/solutions/${id}/take-up`, {})}
                                    >Put it on the table</TextButton
                                >
                                <TextButton onclick={() => sender.send(`share-out/solutions/${id}/forget`, {})}>Delete it</TextButton>
                            </p>
                        {/if}
                    </header>
                    <SolutionColumn {solution} {goods} other={(id === null ? solutions[1] : solutions[0])?.solution} />
                </section>
            {/each}
            {#if solutions.length === 1}
                <p class="empty">Save this share-out under a name. Then change the wishes and share out again, and compare both here.</p>
            {/if}
        </div>
    </Wide>
</Frame>

<style>
    form {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.625rem;
        padding: 0.75rem 1.25rem;
        border-bottom: 1px solid var(--line);
    }

    label {
        font-weight: 600;
    }

    .links {
        display: flex;
        gap: 0.75rem;
        margin-left: auto;
        color: var(--ink-soft);
    }

    .fault {
        flex-basis: 100%;
    }

    .side-by-side {
        display: grid;
        grid-auto-columns: minmax(min(26rem, 85vw), 1fr);
        grid-auto-flow: column;
    }

    section {
        padding: 0.75rem 1.25rem;
        border-right: 1px solid var(--line);
    }

    header,
    header p {
        display: flex;
        align-items: center;
        gap: 1rem;
    }

    header {
        justify-content: space-between;
        min-height: var(--target);
    }

    h1 {
        font-size: var(--large);
    }

    .empty {
        max-width: 26rem;
        padding: 1.5rem;
        color: var(--ink-soft);
    }
</style>
