<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Files from '@/parts/Files.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { ClassLookPage } from '@/lib/props'

    let props: ClassLookPage = $props()
    const { id, name, about, cards, people, mostPeople, spareIn, begins, kinds, settings, groups, before, beforeTime, clock, ends } =
        $derived(props)

    const url = $derived(`${kit.frame.url}/class/${id}`)
    const change = (field: string, value: string): void => sender.send(`class/${id}`, { field, value })
    const missing = $derived(groups.flatMap((group) => group.lines).filter((line) => line.add))
    const shopping = $derived(missing.map((line) => `${line.add} ${line.name}`).join('\n'))
    let copied = $state('')

    async function copy(): Promise<void> {
        await navigator.clipboard.writeText(shopping)
        copied = 'The list is copied.'
    }

    useKeys(() => [
        { key: 'p', shown: 'P', says: 'Pack the bags', run: () => router.visit(`${url}/pack`) },
        { key: '+', says: 'One more in the class', run: () => change('people', String(people + 1)) },
        { key: '-', says: 'One fewer in the class', run: () => change('people', String(people - 1)) },
        { key: 'c', shown: 'C', says: 'Copy what to buy', run: () => void copy() },
    ])
</script>

{#snippet field(key: string, label: string, value: string, hint: string)}
    {@const fault = sender.at === `class/${id}` ? kit.errors[key] : undefined}
    <div class="field">
        <label for="class-{key}">{label}</label>
        <input
            id="class-{key}"
            {value}
            size="5"
            autocomplete="off"
            aria-invalid={!!fault}
            aria-describedby="hint-{key}"
            onchange={(event) => change(key, event.currentTarget.value)}
        />
        <span id="hint-{key}" class={fault ? 'fault' : 'soft'} role={fault ? 'alert' : undefined}>{fault ?? hint}</span>
    </div>
{/snippet}

<Frame title={name}>
    <div class="head">
        <div>
            <h1>{name}: {people} people, {cards} {cards === 1 ? 'card' : 'cards'} each</h1>
            <p class="soft">{about}</p>
        </div>
        <div class="acts">
            <Button main key="P" href="{url}/pack">Pack the bags</Button>
            <Files at="class" of={url} />
            <Button href="{kit.frame.url}/class">All classes</Button>
        </div>
    </div>
    <div class="place">
        <section aria-labelledby="asked-title">
            <h2 id="asked-title">The class</h2>
            {@render field('people', 'People', String(people), `up to ${mostPeople}`)}
            {@render field('spare_in', 'One spare in', String(spareIn), 'of each part, for mistakes; 0 for none')}
            {@render field('begins', 'Begins', begins, `done about ${ends}`)}
            <h2>Done beforehand: {beforeTime}</h2>
            <p class="soft">What is ticked is done before they come; the rest is left to do at the table.</p>
            {#each kinds as kind (kind.key)}
                <label class="tick">
                    <input type="checkbox" checked={kind.isAhead} onchange={() => change('ahead', kind.key)} />
                    <span>{kind.label}</span>
                    <small>{before.find((one) => one.label === kind.label)?.time ?? (kind.time ? `${kind.time} each` : '')}</small>
                </label>
            {/each}
        </section>
        <section aria-labelledby="cuts-title">
            <h2 id="cuts-title">Cuts, by the setting of the guide</h2>
            <ul class="settings">
                {#each settings as one (one.at)}
                    <li><b><Measure text={one.at} /></b> {one.cuts} {one.cuts === 1 ? 'time' : 'times'}</li>
                {/each}
            </ul>
            <h2>Timetable</h2>
            <table>
                <tbody>
                    {#each clock as moment, i (i)}
                        <tr>
                            <th scope="row">{moment.at}</th>
                            <td>card {moment.card}: <Measure text={moment.says} wraps /></td>
                            <td class="soft">{moment.tool}</td>
                        </tr>
                    {:else}
                        <tr><td class="soft">Everything is done beforehand.</td></tr>
                    {/each}
                </tbody>
            </table>
        </section>
        <section aria-labelledby="needs-title">
            <div class="acts">
                <h2 id="needs-title">{missing.length ? `To buy: ${missing.length}` : 'Nothing to buy'}</h2>
                {#if missing.length}<Button key="C" onclick={() => void copy()}>Copy the list</Button>{/if}
                <span role="status" class="soft">{copied}</span>
            </div>
            {#each groups as group (group.title)}
                <table>
                    <caption>{group.title}</caption>
                    <thead><tr><th>what</th><th>needs</th><th>spares in it</th><th>here</th><th>to buy</th></tr></thead>
                    <tbody>
                        {#each group.lines as line (line.component)}
                            <tr>
                                <th scope="row"><Measure text={line.name} wraps /></th>
                                <td><Measure text={line.needs} /></td>
                                <td>{line.spares}</td>
                                <td>{line.here}</td>
                                <td><b><Measure text={line.add ?? '–'} /></b></td>
                            </tr>
                        {/each}
                    </tbody>
                </table>
            {/each}
        </section>
    </div>
</Frame>

<style>
    .head,
    .acts {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
    }

    .head {
        justify-content: space-between;
        padding: 1rem 1.5rem 0;
    }

    .place {
        display: grid;
        grid-template-columns: minmax(0, 20rem) minmax(0, 1fr) minmax(0, 1.1fr);
        gap: 2rem;
        padding: 1rem 1.5rem 3rem;
    }

    @media (max-width: 72rem) {
        .place {
            grid-template-columns: minmax(0, 1fr);
        }
    }

    h2 {
        margin: 0.5rem 0;
        font-size: var(--title);
    }

    .field {
        display: flex;
        flex-wrap: wrap;
        align-items: baseline;
        gap: 0.5rem;
        margin-bottom: 0.5rem;
    }

    .field label {
        width: 7rem;
        font-weight: 600;
    }

    .tick {
        display: grid;
        grid-template-columns: auto 1fr auto;
        gap: 0.5rem;
        padding: 0.3125rem 0;
        border-bottom: 1px solid var(--line);
    }

    .soft,
    small {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
    }

    .settings {
        display: flex;
        flex-wrap: wrap;
        gap: 0.375rem 1.5rem;
        margin: 0 0 1.25rem;
        padding: 0;
        list-style: none;
    }

    table {
        width: 100%;
        margin-bottom: 1rem;
        border-collapse: collapse;
    }

    caption {
        font-weight: 650;
        text-align: left;
    }

    th,
    td {
        padding: 0.3125rem 0.625rem 0.3125rem 0;
        border-top: 1px solid var(--line);
        font-weight: 500;
        text-align: left;
        vertical-align: baseline;
    }

    @media (width < 24rem) {
        .place {
            padding-inline: 1rem;
        }

        th,
        td {
            padding-right: 0.25rem;
            font-size: var(--small);
        }
    }

    thead th {
        border-top: 0;
        color: var(--ink-soft);
        font-size: var(--small);
    }
</style>
