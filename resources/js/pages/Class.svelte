<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Empty from '@/parts/Empty.svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import type { ClassPage } from '@/lib/props'

    let { sets, most, cards, groups }: ClassPage = $props()

    const frame = $derived(kit.frame)
    const missing = $derived(groups.flatMap((group) => group.lines).filter((line) => line.add))
    const choose = (n: number): void => {
        if (n >= 1 && n <= most) router.get(`${frame.url}/class`, { sets: n }, { preserveState: true, preserveScroll: true })
    }

    useKeys(() => [
        { key: '+', says: 'One set more', run: () => choose(sets + 1) },
        { key: '-', says: 'One set fewer', run: () => choose(sets - 1) },
    ])
</script>

<Frame title="For a class">
    {#if cards === 0}
        <Empty title="No cards to multiply yet">
            <p>Share the kit out first; then the sheets and goods for a class of six or twelve are worked out here.</p>
            <Button main onclick={() => router.visit(`${frame.url}/share-out`)}>Go to Share out</Button>
        </Empty>
    {:else}
        <div class="place">
            <section aria-labelledby="class-title">
                <h1 id="class-title">{sets} {sets === 1 ? 'set' : 'sets'} of {cards} cards: {sets * cards} cards</h1>
                <div class="sets">
                    <Button key="-" aria-label="One set fewer" disabled={sets <= 1} onclick={() => choose(sets - 1)}>−</Button>
                    <label
                        >Sets
                        <input
                            value={sets}
                            size="3"
                            inputmode="numeric"
                            onchange={(event) => choose(Number(event.currentTarget.value) || sets)}
                        />
                    </label>
                    <Button key="+" aria-label="One set more" disabled={sets >= most} onclick={() => choose(sets + 1)}>+</Button>
                    <span class="soft">up to {most}</span>
                </div>
                {#each groups as group (group.title)}
                    <table>
                        <caption>{group.title}</caption>
                        <thead><tr><th>component</th><th>needs</th><th>here</th><th>to add</th><th>cuts, grouped by setting</th></tr></thead
                        >
                        <tbody>
                            {#each group.lines as line (line.component)}
                                <tr class:short={line.add !== null}>
                                    <th scope="row">{line.name}</th>
                                    <td><Measure text={line.needs} /></td>
                                    <td><Measure text={line.here} /></td>
                                    <td><b><Measure text={line.add ?? '–'} /></b></td>
                                    <td class="settings">
                                        <Measure text={line.settings.map((one) => `${one.at} × ${one.cuts}`).join(', ')} wraps />
                                    </td>
                                </tr>
                            {/each}
                        </tbody>
                    </table>
                {/each}
            </section>
            <aside aria-labelledby="add-title">
                <h2 id="add-title">To add</h2>
                {#if missing.length === 0}
                    <p>Nothing: what is here is enough.</p>
                {:else}
                    <ul>
                        {#each missing as line (line.component)}<li><b><Measure text={line.add ?? ''} /></b> {line.name}</li>{/each}
                    </ul>
                {/if}
                <p class="soft">Set the guide once for all cuts of one setting. Sheets are counted with every set cut together.</p>
            </aside>
        </div>
    {/if}
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: 1fr 18rem;
        gap: 2.5rem;
        padding: 1rem 1.5rem 2rem;
    }

    h2 {
        margin-bottom: 0.5rem;
    }

    .sets {
        display: flex;
        align-items: center;
        gap: 0.75rem;
        margin: 0.75rem 0;
    }

    table {
        width: 100%;
        margin-bottom: 1.25rem;
        border-collapse: collapse;
    }

    caption {
        padding: 0.25rem 0;
        font-weight: 650;
        text-align: left;
    }

    th,
    td {
        padding: 0.375rem 0.75rem 0.375rem 0;
        border-top: 1px solid var(--line);
        font-weight: 500;
        text-align: left;
        vertical-align: baseline;
    }

    thead th {
        border-top: 0;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    th:first-child {
        width: 15rem;
    }

    td:nth-child(-n + 4) {
        width: 6rem;
    }

    .short td b {
        color: var(--madder);
    }

    .settings,
    .soft {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    ul {
        margin: 0 0 1rem;
        padding: 0;
        list-style: none;
    }

    li {
        padding: 0.25rem 0;
        border-bottom: 1px solid var(--line);
    }
</style>
