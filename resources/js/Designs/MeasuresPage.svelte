<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import { untrack } from 'svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import Wide from '@/parts/Wide.svelte'
    import MeasureField from '@/parts/MeasureField.svelte'
    import { kit } from '@/lib/kit'
    import { mm } from '@/lib/format'
    import type { MeasuresPage } from '@/lib/props'

    let { typed, layers, place, bases, faults }: MeasuresPage = $props()

    const frame = $derived(kit.frame)
    let now = $state(untrack(() => ({ ...typed })))
    /** The last valid ladder stays while what is typed cannot be read. */
    let last = $state.raw(untrack(() => layers))
    $effect(() => {
        if (layers.length) last = layers
    })
    const scale = $derived(last[0] ? 230 / Math.max(mm(last[0].width), mm(last[0].height)) : 1)

    /** One layer made wider or narrower: its reveal changes, and the layers on it follow. */
    function change(layer: number, layerWidth: string): void {
        router.get(
            `${frame.url}/measures`,
            { ...now, layer, layerWidth },
            {
                preserveState: true,
                preserveScroll: true,
                replace: true,
                showProgress: false,
                onSuccess: () => (now.reveals = typed.reveals),
            },
        )
    }

    let wait: ReturnType<typeof setTimeout>
    function work(): void {
        clearTimeout(wait)
        wait = setTimeout(
            () =>
                router.get(`${frame.url}/measures`, now, { preserveState: true, preserveScroll: true, replace: true, showProgress: false }),
            150,
        )
    }
</script>

{#snippet field(key: keyof typeof now, label: string, fault: string)}
    <label>
        {label}
        <input bind:value={now[key]} oninput={work} autocomplete="off" size={key === 'reveals' ? 18 : 8} aria-invalid={!!faults[fault]} />
    </label>
{/snippet}

<Frame title="Measures">
    <div class="place abreast">
        <section aria-labelledby="ladder-title">
            <h1 id="ladder-title">The layer ladder</h1>
            <form onsubmit={(event) => event.preventDefault()}>
                {@render field('width', 'Front, width', 'front')}
                {@render field('height', 'Front, height', 'front')}
                {@render field('reveals', 'Reveals, from the front up', 'reveals')}
            </form>
            {#each ['front', 'reveals'] as key (key)}{#if faults[key]}<p class="fault" role="alert">{faults[key]}</p>{/if}{/each}
            <div class="ladder">
                {#if last[0]}
                    <svg
                        width={mm(last[0].width) * scale}
                        height={mm(last[0].height) * scale}
                        viewBox="0 0 {mm(last[0].width)} {mm(last[0].height)}"
                        aria-hidden="true"
                    >
                        {#each last as layer, i (i)}
                            <rect
                                class:odd={i % 2}
                                x={mm(((last[0]?.width ?? 0) - layer.width) / 2)}
                                y={mm(((last[0]?.height ?? 0) - layer.height) / 2)}
                                width={mm(layer.width)}
                                height={mm(layer.height)}
                            />
                        {/each}
                    </svg>
                {/if}
                <ol>
                    {#each last as layer, i (i)}
                        <li>
                            <span>{i === 0 ? 'front' : `layer ${i}`}</span>
                            <b><Measure text={frame.unit === 'in' ? `${layer.inch} in` : `${layer.metric} mm`} /></b>
                            <small><Measure text={frame.unit === 'in' ? `${layer.metric} mm` : `${layer.inch} in`} /></small>
                            {#if i > 0}
                                <span class="wide">
                                    <MeasureField
                                        label="width"
                                        about="layer {i}"
                                        value={layer.wide}
                                        fault={faults[`layer${i}`] ?? null}
                                        ontyped={(text) => change(i, text)}
                                        onsteps={(steps) => change(i, `${steps > 0 ? '+' : ''}${steps} marks`)}
                                    />
                                </span>
                            {/if}
                        </li>
                    {/each}
                </ol>
            </div>
            <h2>A piece you have</h2>
            <form onsubmit={(event) => event.preventDefault()}>
                {@render field('pieceWidth', 'Width', 'piece')}
                {@render field('pieceHeight', 'Height', 'piece')}
            </form>
            {#if faults['piece']}<p class="fault" role="alert">{faults['piece']}</p>{:else if place}<p class="answer" role="status">
                    <Measure text={place} />
                </p>{/if}
        </section>
        <section aria-labelledby="bases-title">
            <h1 id="bases-title">Bases for this front, from cardstock</h1>
            <Wide about="Bases from cardstock">
                <table>
                    <thead><tr><th>sheet</th><th>fold</th><th>blank</th><th>score at</th><th>gives</th></tr></thead>
                    <tbody>
                        {#each bases as base (base.sheet + base.fold)}
                            <tr>
                                <th scope="row"><Measure text={base.sheet} /></th>
                                <td>{base.fold}</td>
                                <td><Measure text={base.blank} /></td>
                                <td><Measure text={base.score} /></td>
                                <td><b>{base.count || 'none'}</b></td>
                            </tr>
                            {#if base.cuts.length}
                                <tr class="cuts"><td colspan="5">guide at <Measure text={base.cuts.join(', then ')} /></td></tr>
                            {/if}
                        {/each}
                    </tbody>
                </table>
            </Wide>
            <p class="soft">
                Cardstock folds cleanest along its grain. Bend the sheet both ways, and score it the way it bends more easily.
            </p>
        </section>
    </div>
</Frame>

<style>
    .place {
        --columns: minmax(0, 1fr) minmax(0, 1fr);
    }

    h1 {
        margin-bottom: 0.75rem;
    }

    h2 {
        margin: 1.5rem 0 0.5rem;
    }

    form {
        display: flex;
        flex-wrap: wrap;
        gap: 1rem;
    }

    label {
        display: grid;
        gap: 0.25rem;
        font-weight: 600;
    }

    .ladder {
        display: flex;
        flex-wrap: wrap;
        gap: 2rem;
        margin-top: 1.25rem;
    }

    rect {
        fill: var(--drawn-paper);
        stroke: var(--drawn-ink);
        stroke-width: 0.4;
    }

    .odd {
        fill: var(--drawn-stock);
    }

    ol {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        grid-template-columns: 4rem 1fr;
        align-items: baseline;
        column-gap: 0.75rem;
        padding-bottom: 0.5rem;
    }

    li b {
        font-size: 1.5rem;
    }

    li small {
        grid-column: 2;
    }

    li .wide {
        grid-column: 2;
    }

    li span,
    small,
    .soft,
    .cuts td {
        color: var(--ink-soft);
    }

    .answer {
        margin-top: 0.75rem;
        font-size: var(--large);
    }

    table {
        width: 100%;
        border-collapse: collapse;
    }

    th,
    td {
        padding: 0.375rem 0.75rem 0.375rem 0;
        border-top: 1px solid var(--line);
        font-weight: 500;
        text-align: left;
    }

    thead th {
        border-top: 0;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .cuts td {
        padding-top: 0;
        border-top: 0;
        font-size: var(--small);
    }

    .soft {
        margin-top: 1rem;
    }
</style>
