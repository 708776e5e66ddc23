<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Measure from '@/parts/Measure.svelte'
    import type { CutProposal } from '@/lib/props'

    /** What would change if the table were planned again from what is really there. */
    let { proposal, disabled, onaccept, onleave }: { proposal: CutProposal; disabled: boolean; onaccept: () => void; onleave: () => void } =
        $props()
</script>

<div role="status">
    <h2>The plan from here</h2>
    <ul>
        {#each proposal.says as line (line)}<li><Measure text={line} wraps /></li>{/each}
    </ul>
    <p class="soft">Cuts already made stay. The sheets on the left and in the middle show the new plan.</p>
    <p class="acts">
        <Button main key="A" {disabled} onclick={onaccept}>Accept the plan</Button>
        <Button key="Esc" {disabled} onclick={onleave}>Keep the old plan</Button>
    </p>
</div>

<style>
    div {
        display: grid;
        gap: 0.75rem;
        padding: 1rem;
        border-left: 4px solid var(--here);
        background: var(--here-soft);
    }

    h2 {
        font-size: var(--title);
    }

    ul {
        display: grid;
        gap: 0.5rem;
        margin: 0;
        padding: 0;
        list-style: none;
        font-size: var(--large);
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }
</style>
