<script lang="ts">
    import Measure from '@/parts/Measure.svelte'
    import type { TrayOption } from '@/lib/props'

    interface Props {
        options: TrayOption[]
        at: number
        onpick: (at: number) => void
        ontake: () => void
    }

    /** What the chosen scrap can become, the best first. */
    let { options, at, onpick, ontake }: Props = $props()
</script>

<div role="radiogroup" aria-label="What it can become">
    {#each options as option, i (option.key)}
        <button
            type="button"
            role="radio"
            aria-checked={i === at}
            tabindex={i === at ? 0 : -1}
            class:isHere={i === at}
            onclick={() => onpick(i)}
            ondblclick={ontake}
        >
            <b><Measure text={option.says} wraps /></b>
            <small>
                {option.serves}{#if option.how}; <Measure text={option.how} wraps />{/if}{option.left > 0
                    ? `; ${option.left} % left over`
                    : ''}
            </small>
        </button>
    {/each}
</div>

<style>
    div {
        display: grid;
        gap: 0.25rem;
    }

    [role='radio'] {
        display: grid;
        min-height: var(--target);
        padding: 0.1875rem 0.75rem;
        border: 1px solid var(--line);
        border-radius: var(--radius);
        background: var(--sheet);
        color: var(--ink);
        line-height: 1.25;
        text-align: left;
        cursor: pointer;
    }

    .isHere {
        border-color: var(--here);
        border-left-width: 6px;
        padding-left: 0.5rem;
        background: var(--here-soft);
    }

    small {
        color: var(--ink-soft);
        font-size: var(--small);
    }
</style>
