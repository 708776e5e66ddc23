<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import TriangleAlert from '@lucide/svelte/icons/triangle-alert'
    import BlankDrawing from '@/parts/BlankDrawing.svelte'
    import FrontPicker, { type FrontQuery } from './FrontPicker.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import { kit } from '@/lib/kit'
    import { mm } from '@/lib/format'
    import { useKeys } from '@/lib/keys.svelte'
    import type { FoldsPage } from '@/lib/props'

    let { folds, chosen, front, fault, parts, steps, open, envelope, sheets }: FoldsPage = $props()

    const frame = $derived(kit.frame)
    const blank = $derived(parts[0])
    const scale = $derived(blank ? Math.min(1.9, 380 / mm(blank.width), 300 / mm(blank.height)) : 1)

    function show(change: Partial<FrontQuery> & { fold?: string }): void {
        const now = { fold: chosen.key, front: front.key, lying: front.isLying ? 1 : 0, width: front.width, height: front.height }
        router.get(`${frame.url}/folds`, { ...now, ...change }, { preserveState: true, preserveScroll: true })
    }

    function go(step: number): void {
        const next = folds[folds.findIndex((fold) => fold.key === chosen.key) + step]
        if (next) show({ fold: next.key })
    }

    useKeys(() => [
        { key: 'ArrowDown', shown: '↓', says: 'Next fold', run: () => go(1) },
        { key: 'ArrowUp', shown: '↑', says: 'Fold before', run: () => go(-1) },
        { key: 'l', shown: 'L', says: 'Upright or lying', run: () => show({ lying: front.isLying ? 0 : 1 }) },
    ])
</script>

<Frame title="Folds">
    <div class="place">
        <nav aria-label="Folds">
            {#each folds as fold (fold.key)}
                <button type="button" aria-current={fold.key === chosen.key ? 'true' : undefined} onclick={() => show({ fold: fold.key })}
                    >{fold.label}</button
                >
            {/each}
        </nav>
        <section aria-labelledby="fold-title">
            <div class="head">
                <h1 id="fold-title">{chosen.label}</h1>
                <FrontPicker {front} onpick={show} />
            </div>
            <p class="soft">On <Measure text={front.label} />. <Measure text={envelope} wraps /></p>
            {#if fault}<p class="fault" role="alert">{fault}</p>{/if}
            <div class="work">
                <div class="flat">
                    {#if blank}<BlankDrawing part={blank} {scale} />{/if}
                    <div class="pieces">
                        {#each parts.slice(1).filter((part) => part.from !== 'foam') as part (part.id)}
                            <figure>
                                <BlankDrawing {part} scale={scale * 0.55} />
                                <figcaption>{part.name}</figcaption>
                            </figure>
                        {/each}
                    </div>
                </div>
                <ul>
                    {#each parts as part (part.id)}
                        <li>
                            <b class="size"><Measure text={part.label} /></b>
                            <p>
                                <b>{part.name}</b>, {part.from}
                                {#if part.scores.length}<br />score {part.isScoredAcross ? 'from the top' : 'from the left'} at <Measure
                                        text={part.scores.map((score) => score.label).join(' and ')}
                                    />{/if}
                                {#if part.note}<br /><span class="soft"><Measure text={part.note} wraps /></span>{/if}
                            </p>
                        </li>
                    {/each}
                </ul>
            </div>
        </section>
        <section aria-labelledby="glue-title">
            <h2 id="glue-title">In this order</h2>
            <ol>
                {#each steps as step (step)}<li><Measure text={step} wraps /></li>{/each}
            </ol>
            {#if open}<p class="open">
                    <TriangleAlert size={20} aria-hidden="true" /><span><b>Do not glue:</b> <Measure text={open} wraps /></span>
                </p>{/if}
            <h2>Bases out of a sheet</h2>
            {#each sheets as sheet (sheet.sheet)}
                <p class="sheet">
                    <Measure text={sheet.sheet} /> gives <b>{sheet.count || 'none'}</b>
                    {#if sheet.cuts.length}<br /><span class="soft">guide at <Measure text={sheet.cuts.join(', then ')} wraps /></span>{/if}
                </p>
            {/each}
            <p class="soft">
                Cardstock folds cleanest along its grain. Bend the sheet both ways, and score it the way it bends more easily. Cut away from
                your fingers, and close or cap the blade. The makers’ own instructions come first.
            </p>
        </section>
    </div>
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: 13rem 1fr 21rem;
        gap: 2rem;
        padding: 1rem 1.5rem 2rem;
    }

    nav {
        display: grid;
        align-content: start;
    }

    nav button {
        min-height: var(--target);
        padding: 0.375rem 0.75rem;
        border: 0;
        border-left: 3px solid transparent;
        background: none;
        text-align: left;
        cursor: pointer;
    }

    nav button[aria-current] {
        border-color: var(--here);
        background: var(--here-soft);
        font-weight: 650;
    }

    .head {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.75rem 1.25rem;
    }

    h1::first-letter {
        text-transform: uppercase;
    }

    h2 {
        margin-bottom: 0.5rem;
    }

    h2:not(:first-child) {
        margin-top: 1.5rem;
    }

    .work {
        display: grid;
        grid-template-columns: auto minmax(15rem, 1fr);
        gap: 1.5rem 2rem;
        margin-top: 1.25rem;
    }

    .flat {
        min-width: 0;
    }

    .pieces {
        display: flex;
        flex-wrap: wrap;
        align-items: end;
        gap: 0.75rem 1rem;
        max-width: 26rem;
        margin-top: 1rem;
    }

    figure {
        margin: 0;
    }

    figcaption {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        padding-bottom: 0.5rem;
    }

    .size {
        font-size: 1.5rem;
        line-height: 1.2;
    }

    ol {
        margin: 0;
        padding-left: 1.25rem;
    }

    .open {
        display: flex;
        gap: 0.625rem;
        margin-top: 0.75rem;
        padding: 0.75rem 1rem;
        border-left: 4px solid var(--madder);
        background: var(--madder-soft);
    }

    .open :global(svg) {
        flex: none;
    }

    .sheet {
        padding-bottom: 0.5rem;
    }

    @media (width < 1100px) {
        .place {
            grid-template-columns: 11rem 1fr;
        }

        .place > :last-child {
            grid-column: 2;
        }

        .work {
            grid-template-columns: minmax(0, 1fr);
        }
    }

    @media (width < 48rem) {
        .place {
            grid-template-columns: minmax(0, 1fr);
            padding: 1rem;
        }

        .place > :last-child {
            grid-column: auto;
        }

        nav {
            grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
        }
    }
</style>
