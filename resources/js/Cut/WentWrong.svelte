<script lang="ts">
    import Button from '@/parts/Button.svelte'

    interface Props {
        /** The present cut: its number and where it should have gone. */
        cut: { number: number; at: string } | undefined
        unit: string
        errors: Record<string, string>
        disabled: boolean
        onask: (data: Record<string, string>) => void
    }

    /** What happened to the part. The new plan is shown before anything is recorded. */
    let { cut, unit, errors, disabled, onask }: Props = $props()

    let what = $state('cut')
    let at = $state('')
    let blemish = $state({ width: '', height: '', x: '0', y: '0' })

    const says = { cut: 'The cut went elsewhere', blemish: 'It is bent or has a hole', spoiled: 'It is spoiled' }
    const fields = { width: 'Wide', height: 'High', x: 'From its left edge', y: 'From its upper edge' } as const

    function ask(event: SubmitEvent): void {
        event.preventDefault()
        onask(what === 'cut' ? { what, at } : what === 'blemish' ? { what, ...blemish } : { what })
    }
</script>

<form onsubmit={ask} novalidate>
    <fieldset>
        <legend>What happened to the part you are cutting?</legend>
        {#each Object.entries(says) as [key, label] (key)}
            <label class="choice"><input type="radio" name="what" value={key} bind:group={what} /> {label}</label>
        {/each}
    </fieldset>
    {#if what === 'cut'}
        <label class="where">
            Cut {cut?.number} went at
            <input
                bind:value={at}
                {@attach (field) => field.focus()}
                size="6"
                autocomplete="off"
                placeholder={cut?.at}
                aria-invalid={!!errors['at']}
            />
            {unit}
        </label>
    {:else if what === 'blemish'}
        <div class="fields">
            {#each Object.entries(fields) as [key, label] (key)}
                <label>
                    {label}
                    <input
                        bind:value={blemish[key as keyof typeof blemish]}
                        name={key}
                        size="5"
                        autocomplete="off"
                        aria-invalid={!!errors[key]}
                    />
                    {unit}
                </label>
            {/each}
        </div>
    {/if}
    {#each ['at', 'width', 'height', 'x', 'y'].filter((key) => errors[key]) as key (key)}<p class="fault" role="alert">
            {errors[key]}
        </p>{/each}
    <Button type="submit" {disabled}>Show the new plan</Button>
    <p class="soft">Nothing is recorded before you accept it.</p>
</form>

<style>
    form {
        display: grid;
        gap: 0.5rem;
        margin-top: 0.5rem;
        padding: 0.75rem 1rem;
        border-left: 4px solid var(--madder);
        background: var(--madder-soft);
    }

    fieldset {
        margin: 0;
        padding: 0;
        border: 0;
    }

    legend {
        padding: 0;
        font-weight: 600;
    }

    .choice {
        display: flex;
        align-items: center;
        gap: 0.5rem;
        min-height: 2rem;
    }

    .choice input {
        accent-color: var(--here);
    }

    .where {
        display: flex;
        align-items: center;
        gap: 0.5rem;
    }

    .fields {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 0.5rem;
    }

    @media (pointer: coarse) {
        .choice {
            min-height: var(--target);
        }
    }
</style>
