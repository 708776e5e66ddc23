<script lang="ts">
    import Measure from '@/parts/Measure.svelte'
    import type { SheetInHand } from '@/lib/props'

    /** The setting of the guide for the viewed cut, what it frees, and all cuts of the part in order. */
    let { sheet, at, choose }: { sheet: SheetInHand; at: number; choose: (cut: number) => void } = $props()

    const cut = $derived(sheet.cuts[at])
</script>

{#if cut}
    <p class="soft">Cut {cut.number} of {sheet.all} · cut the part <Measure text={cut.inHand} /></p>
    <h2>{cut.turn ? 'Turn a quarter. ' : ''}Guide at</h2>
    <p class="figure"><Measure text={cut.at} /><span>{cut.unit}</span></p>
    <p>from the {cut.from} edge as drawn.</p>
    {#each cut.frees as freed (freed)}<p class="frees">{freed}</p>{/each}
    <ol>
        {#each sheet.cuts as one, i (one.number)}
            <li>
                <button type="button" aria-current={i === at ? 'step' : undefined} onclick={() => choose(i)}>
                    <b>{one.number}</b>
                    <Measure text="{one.at} {one.unit}" /><span>{one.turn ? 'quarter turn' : ''}</span>
                </button>
            </li>
        {/each}
        {#each sheet.later as one, i (one.number)}
            <li class="later">
                {#if i === 0}<span class="then">Then the other parts</span>{/if}
                <b>{one.number}</b>
                <Measure text="{one.at} {one.unit}" /><span>{one.turn ? 'quarter turn' : ''}</span>
            </li>
        {/each}
    </ol>
{/if}
{#if sheet.afterwards.length}
    <h3>When the straight cuts are made</h3>
    <ul>
        {#each sheet.afterwards as after (after)}<li><Measure text={after} wraps /></li>{/each}
    </ul>
{/if}

<style>
    h2 {
        font-size: var(--title);
    }

    h3 {
        font-size: var(--large);
    }

    .figure {
        font-size: var(--figure);
        font-weight: 700;
        line-height: 1;
        letter-spacing: -0.02em;
    }

    .figure span {
        padding-left: 0.6rem;
        font-size: 2rem;
        font-weight: 600;
    }

    .frees {
        font-size: var(--large);
        font-weight: 600;
    }

    ul,
    ol {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    ul li {
        padding: 0.125rem 0;
    }

    ol {
        margin: 0.75rem 0;
        padding-top: 0.5rem;
        border-top: 1px solid var(--line);
    }

    button {
        display: flex;
        align-items: center;
        gap: 0.75rem;
        width: 100%;
        min-height: 2.25rem;
        padding: 0 0.5rem;
        border: 0;
        border-radius: var(--radius);
        background: none;
        text-align: left;
        cursor: pointer;
    }

    button span:last-child {
        margin-left: auto;
        color: var(--ink-soft);
    }

    .later {
        display: flex;
        flex-wrap: wrap;
        gap: 0.25rem 0.75rem;
        padding: 0.25rem 0.5rem;
        color: var(--ink-soft);
    }

    .then {
        flex-basis: 100%;
        padding-top: 0.25rem;
        border-top: 1px solid var(--line);
    }

    .later span:last-child {
        margin-left: auto;
    }

    button[aria-current] {
        background: var(--here-soft);
        color: var(--here);
        font-weight: 650;
    }

    @media (pointer: coarse) {
        button {
            min-height: var(--target);
        }
    }
</style>
