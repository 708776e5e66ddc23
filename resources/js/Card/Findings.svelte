<script lang="ts">
    import CircleAlert from '@lucide/svelte/icons/circle-alert'
    import Lightbulb from '@lucide/svelte/icons/lightbulb'
    import Button from '@/parts/Button.svelte'
    import TextButton from '@/parts/TextButton.svelte'
    import type { Finding } from '@/lib/props'

    /** The findings on a card: a repair to choose, or a reason why it is fine. */
    let {
        findings,
        muted,
        fault,
        onrepair,
        onwave,
        onmute,
    }: {
        findings: Finding[]
        muted: string[]
        fault: { check: string; says: string } | null
        onrepair: (does: string, with_: Record<string, string | number>) => void
        onwave: (check: string, why: string) => void
        onmute: (check: string) => void
    } = $props()

    let why = $state<Record<string, string>>({})
    const said = (key: string): string => key.replaceAll('-', ' ')
</script>

{#if findings.length === 0}<p>No problems found.</p>{/if}
<ul>
    {#each findings as finding (finding.check + finding.says)}
        <li class:hint={finding.isHint} class:waved={finding.why !== null}>
            <p class="says">
                {#if finding.isHint}<Lightbulb size={18} aria-hidden="true" />{:else}<CircleAlert size={18} aria-hidden="true" />{/if}
                <span><b>{finding.isHint ? 'A hint:' : 'Check this:'}</b> {finding.says}</span>
            </p>
            {#if finding.why !== null}
                <p class="soft">Ignored: {finding.why}</p>
            {:else}
                <p>{finding.repair}</p>
                {#if finding.repairs.length || finding.isHint}
                    <p class="repairs">
                        {#each finding.repairs as repair (repair.says)}
                            <Button onclick={() => onrepair(repair.does, repair.with)}>{repair.says}</Button>
                        {/each}
                        {#if finding.isHint}<Button onclick={() => onmute(finding.check)}>Never show this kind for this kit</Button>{/if}
                    </p>
                {/if}
                <form onsubmit={(event) => (event.preventDefault(), onwave(finding.check, why[finding.check] ?? ''))}>
                    <input
                        aria-label="Why it is fine"
                        placeholder="why it is fine"
                        bind:value={() => why[finding.check] ?? '', (text) => (why[finding.check] = text)}
                        aria-invalid={fault?.check === finding.check}
                    />
                    <Button type="submit">Ignore this one</Button>
                </form>
                {#if fault?.check === finding.check}<p class="fault" role="alert">{fault.says}</p>{/if}
            {/if}
        </li>
    {/each}
</ul>
{#each muted as check (check)}
    <p class="soft">
        Hints about “{said(check)}” are not shown. <TextButton onclick={() => onmute(check)}>Show them again</TextButton>
    </p>
{/each}

<style>
    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        gap: 0.375rem;
        margin-bottom: 0.75rem;
        padding: 0.625rem 0.875rem;
        border-left: 4px solid var(--madder);
        background: var(--madder-soft);
    }

    .says {
        display: flex;
        gap: 0.5rem;
    }

    .says :global(svg) {
        flex: none;
        margin-top: 0.125rem;
    }

    .hint,
    .waved {
        border-color: var(--kraft);
        background: var(--kraft-soft);
    }

    .repairs,
    form {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
    }

    form input {
        flex: 1;
        min-width: 7rem;
    }
</style>
