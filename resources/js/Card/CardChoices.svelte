<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import MeasureField from '@/parts/MeasureField.svelte'
    import type { CardActs } from './cardActs'
    import type { CardDesign } from '@/lib/props'
    import Choose from './Choose.svelte'

    /** What is chosen for the whole card: sketch, fold, occasion, frame, direction, set, notes. */
    let { id, design, acts }: { id: number; design: CardDesign; acts: CardActs } = $props()

    const SETS = [1, 2, 3, 4, 6, 8, 12, 16, 20, 24]
    const isCovered = $derived(design.frame === '0')

    let notes = $state<string | null>(null)
    $effect(() => {
        void id
        notes = null
    })
    const keepNotes = (isForAMan = design.isForAMan): void => acts.act('notes', { notes: notes ?? design.notes, isForAMan })
</script>

{#snippet fault(of: string)}
    {#if acts.faultAt(of, of)}<p class="fault" role="alert">{acts.faultAt(of, of)}</p>{/if}
{/snippet}

<div class="choices">
    <Choose
        {acts}
        name="sketch"
        label={design.isChanged ? 'Sketch, changed here' : 'Sketch'}
        value={design.sketch}
        choices={design.sketches}
    />
    <Choose {acts} name="fold" label="Fold" value={design.fold} choices={design.folds} />
    <Choose {acts} name="occasion" label="Occasion" value={design.occasion} choices={design.occasions} />
    <div class="row">
        <MeasureField
            label="frame"
            about="The front"
            value={design.frame ?? ''}
            fault={acts.faultAt('frame', 'frame')}
            ontyped={(text) => acts.act('frame', { frame: text })}
            placeholder="as it is"
            onsteps={(steps) => acts.act('frame', { frame: '', steps })}
        />
        <Button aria-pressed={isCovered} onclick={() => acts.act('frame', { frame: isCovered ? '' : '0' })}>
            {isCovered ? 'Covered to the edge' : 'Framed'}
        </Button>
        <Button key="T" aria-pressed={design.isLying} onclick={() => acts.act('turn')}>{design.isLying ? 'Lying' : 'Upright'}</Button>
    </div>
    {@render fault('turn')}
    <div class="row">
        <label>
            A set of
            <select value={design.copies} onchange={(event) => acts.act('copies', { copies: Number(event.currentTarget.value) })}>
                {#each SETS as copies (copies)}<option value={copies}>{copies}</option>{/each}
            </select>
        </label>
        {#if design.set.length > 1}<span class="soft">cards {design.set.join(', ')}</span>{/if}
        <label class="tick">
            <input type="checkbox" checked={design.isForAMan} onchange={(event) => keepNotes(event.currentTarget.checked)} /> for a man
        </label>
        <label class="tick" title="Share-outs that follow the kit’s own designs make it again">
            <input type="checkbox" checked={design.isKitDesign} onchange={() => acts.act('keep')} /> a design of the kit
        </label>
    </div>
    <label class="notes">
        Notes
        <textarea rows="2" bind:value={() => notes ?? design.notes, (text) => (notes = text)} onchange={() => keepNotes()}></textarea>
    </label>
    {@render fault('notes')}
</div>

<style>
    .choices {
        display: grid;
        gap: 0.5rem;
        margin-top: 0.5rem;
    }

    label {
        font-size: var(--small);
        font-weight: 600;
    }

    .notes {
        display: grid;
        gap: 0.125rem;
    }

    .tick {
        display: inline-flex;
        align-items: center;
        gap: 0.5rem;
        min-height: var(--target);
        font-size: inherit;
        font-weight: inherit;
    }

    .row {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
    }

    textarea {
        width: 100%;
        font-size: var(--body);
        font-weight: 400;
    }
</style>
