<script lang="ts">
    import MeasureField from '@/parts/MeasureField.svelte'
    import type { CardActs } from './cardActs'
    import type { GuideLine } from '@/lib/props'

    /** Every measure of a part, to be typed or changed by marks. */
    let { part, acts }: { part: GuideLine; acts: CardActs } = $props()

    const place = (measure: string): string => `${part.id} ${measure}`
</script>

{#each part.measures as { name, value, share } (name)}
    <MeasureField
        label={name}
        about={part.name}
        {value}
        {share}
        fault={acts.faultAt(place(name), 'value')}
        ontyped={(text) => acts.act('measure', { part: part.id, measure: name, value: text }, place(name))}
        onsteps={(steps) => acts.act('measure', { part: part.id, measure: name, value, steps }, place(name))}
    />
{/each}
