<script lang="ts">
    import { page, router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import SolutionColumn from '@/parts/SolutionColumn.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import TextButton from '@/parts/TextButton.svelte'
    import { useSender } from '@/lib/send.svelte'
    import type { Goods, KitFrame, SharedOut } from '@/lib/props'

    /** Share-outs side by side: the one on the table and those kept by name. */
    let { goods, solutions }: { goods: Goods; solutions: ({ id: number | null; name: string } & SharedOut)[] } = $props()

    const frame = $derived(page.props['frame'] as KitFrame)
    const errors = $derived(page.props.errors as Record<string, string>)
    const sender = useSender()
    let name = $state('')

    function keep(event: SubmitEvent): void {
        event.preventDefault()
        router.post(
            `${frame.url}/share-out/keep`,
            { name, revision: frame.revision },
            { preserveState: true, onSuccess: () => (name = '') },
        )
    }
</script>

<Frame title="Compare">
    <SurfaceDefs {goods} />
    <form onsubmit={keep}>
        <label for="keep-as">Keep the share-out on the table as</label>
        <input id="keep-as" bind:value={name} size="24" autocomplete="off" aria-invalid={!!errors['name']} />
        <Button type="submit">Keep it</Button>
        <p class="links">
            Take it along:
            {#each ['json', 'csv', 'pdf'] as format (format)}<a href="{frame.url}/share-out/export.{format}"
                    >{format === 'pdf' ? 'a page to print (PDF)' : format.toUpperCase()}</a
                >{/each}
        </p>
        {#if errors['name']}<p class="fault" role="alert">{errors['name']}</p>{/if}
    </form>
    <div class="side-by-side">
        {#each solutions as solution (solution.id)}
            <section aria-labelledby="solution-{solution.id}">
                <header>
                    <h1 id="solution-{solution.id}">{solution.name}</h1>
                    {#if solution.id !== null}
                        <p>
                            <TextButton onclick={() => sender.send(`share-out/solutions/${solution.id}/take-up`, {})}
                                >Lay it on the table</TextButton
                            >
                            <TextButton onclick={() => sender.send(`share-out/solutions/${solution.id}/forget`, {})}>Forget it</TextButton>
                        </p>
                    {/if}
                </header>
                <SolutionColumn {solution} {goods} other={solution.id === null ? solutions[1] : solutions[0]} />
            </section>
        {/each}
        {#if solutions.length === 1}
            <p class="empty">Keep this share-out under a name, change the wishes and share out again: then both stand here side by side.</p>
        {/if}
    </div>
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
        grid-auto-columns: minmax(26rem, 1fr);
        grid-auto-flow: column;
        overflow: auto;
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
