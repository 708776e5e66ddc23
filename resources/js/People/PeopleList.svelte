<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import PersonRow from './PersonRow.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { Choice, SomePerson } from '@/lib/props'

    interface Props {
        people: SomePerson[]
        occasions: Choice[]
        postDays: number
    }

    /** Everybody who gets cards. A new person is added at the top. */
    let { people, occasions, postDays }: Props = $props()

    let name = $state('')
    let likes = $state('')
    let field = $state<HTMLInputElement>()
    const fault = $derived(sender.at === '/people' ? kit.errors['name'] : undefined)

    function add(event: SubmitEvent): void {
        event.preventDefault()
        sender.send('/people', { name, likes }, { done: () => ((name = ''), (likes = ''), field?.focus()) })
    }

    useKeys(() => [{ key: 'n', shown: 'N', says: 'Add a person', run: () => field?.focus() }])
</script>

<section aria-labelledby="people-title">
    <h2 id="people-title">People</h2>
    <form onsubmit={add} novalidate>
        <label
            >name <input
                bind:this={field}
                bind:value={name}
                autocomplete="off"
                aria-invalid={!!fault}
                aria-describedby={fault ? 'new-person-fault' : undefined}
            /></label
        >
        <label class="likes">likes <input bind:value={likes} autocomplete="off" placeholder="the sea, blue, no glitter" /></label>
        <Button type="submit" key="N" disabled={sender.isBusy}>Add the person</Button>
        {#if fault}<p id="new-person-fault" class="fault" role="alert">{fault}</p>{/if}
    </form>
    <ul>
        {#each people as person (person.id)}<PersonRow {person} {occasions} {postDays} />{/each}
    </ul>
</section>

<style>
    section {
        min-width: 0;
    }

    form {
        display: flex;
        flex-wrap: wrap;
        align-items: end;
        gap: 0.5rem 0.75rem;
        margin: 0.75rem 0;
    }

    label {
        display: grid;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .likes {
        flex: 1 1 14rem;
    }

    .fault {
        width: 100%;
        color: var(--madder);
        font-weight: 600;
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }
</style>
