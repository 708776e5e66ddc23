<script lang="ts">
    import type { Snippet } from 'svelte'
    import Button from './Button.svelte'

    interface Props {
        isUnderWay: boolean
        isFault: boolean
        done: number
        of: number
        /** What is being done. The progress stands after it. */
        doing: string
        /** What the bar counts. */
        counts: string
        onstop: () => void
        /** The text when it is over. */
        children: Snippet
    }

    /** Background work, with its progress and a stop, or its result. */
    let { isUnderWay, isFault, done, of, doing, counts, onstop, children }: Props = $props()

    const share = $derived(done && of ? `${Math.floor((100 * done) / of)} %` : 'waiting for its turn')
</script>

<div class="work" class:isFault role="status">
    {#if isUnderWay}
        <progress value={done} max={Math.max(1, of)} aria-label={counts}></progress>
        <span>{doing}: {share}</span>
        <Button onclick={onstop}>Stop</Button>
    {:else}
        {@render children()}
    {/if}
</div>

<style>
    .work {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.75rem 1rem;
        margin-top: 1rem;
        padding: 0.5rem 1rem;
        border-left: 4px solid var(--here);
        background: var(--here-soft);
    }

    .work.isFault {
        border-color: var(--madder);
        background: var(--madder-soft);
    }

    progress {
        flex: 0 1 20rem;
        height: 0.75rem;
        accent-color: var(--here);
    }
</style>
