<script lang="ts">
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import { DraftFields } from '@/lib/draft.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { AboutKit, SidesByUnit } from '@/lib/props'

    interface Props {
        about: AboutKit
        /** Width and height of the front in each unit, until something else is typed. */
        fronts: SidesByUnit
        /** Where it is sent. */
        path: string
        does: string
    }

    /** What a kit is, to be written or changed. */
    let { about, fronts, path, does }: Props = $props()

    const draft = untrack(() => new DraftFields<AboutKit>(`about-${path}`, JSON.stringify(about)))
    const typed = $derived({ ...about, ...draft.written })
    const faults = $derived(kit.errors)
    const fields: { key: keyof AboutKit; label: string; size: number; hint?: string; type?: string }[] = [
        { key: 'name', label: 'Name', size: 40 },
        { key: 'front_width', label: 'Front, width', size: 10, hint: '4 1/4' },
        { key: 'front_height', label: 'Front, height', size: 10, hint: '5 1/2' },
        { key: 'promised', label: 'Cards promised', size: 6 },
        { key: 'price', label: 'Price', size: 10, hint: '34.50' },
        { key: 'currency', label: 'Currency', size: 5, hint: 'USD' },
        { key: 'bought_on', label: 'Bought on', size: 12, type: 'date' },
        { key: 'theme', label: 'Theme', size: 40 },
    ]

    /** The front keeps its size and is written in the other unit. What was typed stays. */
    function measure(unit: 'in' | 'mm'): void {
        const now = fronts[typed.unit]
        if (typed.front_width === now.width && typed.front_height === now.height) {
            draft.write({ front_width: fronts[unit].width, front_height: fronts[unit].height })
        }
        draft.write({ unit })
    }

    function keep(event: SubmitEvent): void {
        event.preventDefault()
        sender.send(path, () => ({ ...typed }), { keeps: 'errors', done: () => draft.forget() })
    }
</script>

<form onsubmit={keep} novalidate>
    <fieldset>
        <legend>Measured in</legend>
        <label><input type="radio" name="unit" checked={typed.unit === 'in'} onchange={() => measure('in')} /> inches</label>
        <label><input type="radio" name="unit" checked={typed.unit === 'mm'} onchange={() => measure('mm')} /> millimetres</label>
    </fieldset>
    {#each fields as field (field.key)}
        <div class="field">
            <label for="kit-{field.key}">{field.label}</label>
            <input
                id="kit-{field.key}"
                type={field.type ?? 'text'}
                size={field.size}
                placeholder={field.hint}
                autocomplete="off"
                value={typed[field.key]}
                oninput={(event) => draft.write({ [field.key]: event.currentTarget.value })}
                aria-invalid={!!faults[field.key]}
                aria-describedby={faults[field.key] ? `fault-${field.key}` : undefined}
            />
            {#if faults[field.key]}<p id="fault-{field.key}" class="fault" role="alert">{faults[field.key]}</p>{/if}
        </div>
    {/each}
    <div class="field wide">
        <label for="kit-instructions">Instructions</label>
        <textarea
            id="kit-instructions"
            rows="5"
            value={typed.instructions}
            oninput={(event) => draft.write({ instructions: event.currentTarget.value })}></textarea>
        {#if faults['instructions']}<p class="fault" role="alert">{faults['instructions']}</p>{/if}
    </div>
    <Button main type="submit">{does}</Button>
</form>

<style>
    form {
        display: flex;
        flex-wrap: wrap;
        align-items: start;
        gap: 1rem 1.25rem;
    }

    fieldset {
        display: flex;
        flex-wrap: wrap;
        gap: 1.25rem;
        width: 100%;
        margin: 0;
        padding: 0;
        border: 0;
    }

    fieldset label {
        display: flex;
        align-items: center;
        gap: 0.5rem;
        min-height: var(--target);
        font-weight: 400;
    }

    legend,
    label {
        font-weight: 600;
    }

    .field {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        min-width: 0;
        gap: 0.25rem;
    }

    .wide {
        width: 100%;
    }

    input:not([type='radio']),
    textarea {
        max-width: 100%;
    }

    .fault {
        max-width: 20rem;
    }
</style>
