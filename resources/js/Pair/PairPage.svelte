<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import Palettes from './Palettes.svelte'
    import { faceName, keyOf } from './faces'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { smallFill, surfaceFill } from '@/lib/surfaces'
    import type { LaidFace, PairPage, PaperPartner } from '@/lib/props'

    let { goods, components, chosen, partners, mat, palettes }: PairPage = $props()

    const frame = $derived(kit.frame)
    /** Partners that were turned over by hand. The others show their better face. */
    let turned = $state<Record<string, number>>({})
    let at = $state(0)
    let tray = $state<string[]>([])
    let grid: HTMLElement | undefined = $state()

    $effect(() => {
        if (chosen) untrack(() => ((turned = {}), (at = 0)))
    })

    const faceOf = (partner: PaperPartner): number => turned[partner.component] ?? partner.face
    const fitOf = (partner: PaperPartner) => partner.fits[faceOf(partner)] ?? { figure: 0, reasons: [] }
    const word = (figure: number): string =>
        figure >= 75 ? 'a very good match' : figure >= 55 ? 'a good match' : figure >= 40 ? 'a possible match' : 'a poor match'

    const choose = (component: string, face = 0): void =>
        router.get(`${frame.url}/pair`, { chosen: `${component}/${face}` }, { preserveState: true, preserveScroll: true })

    function flip(): void {
        const count = chosen ? (goods[chosen.component]?.faces.length ?? 1) : 1
        if (chosen && count > 1) choose(chosen.component, (chosen.face + 1) % count)
    }

    function turn(partner: PaperPartner | undefined): void {
        if (partner) turned[partner.component] = (faceOf(partner) + 1) % partner.fits.length
    }

    function lay(laid: LaidFace | null | undefined): void {
        if (!laid) return
        const k = keyOf(laid)
        tray = tray.includes(k) ? tray.filter((one) => one !== k) : [...tray, k]
    }

    const layPartner = (partner: PaperPartner | undefined): void => {
        if (partner) lay({ component: partner.component, face: faceOf(partner) })
    }

    function go(step: number): void {
        at = Math.max(0, Math.min(partners.length - 1, at + step))
        grid?.querySelectorAll('li')[at]?.scrollIntoView({ block: 'nearest' })
    }

    function walk(step: number): void {
        const next = components[components.indexOf(chosen?.component ?? '') + step]
        if (next) choose(next)
    }

    useKeys(() => [
        { key: 'ArrowDown', shown: '↓', says: 'Choose the next paper', run: () => walk(1) },
        { key: 'ArrowUp', shown: '↑', says: 'Choose the paper before', run: () => walk(-1) },
        { key: 'f', shown: 'F', says: 'Flip the chosen paper', run: flip },
        { key: 'ArrowRight', shown: '→', says: 'Next partner', run: () => go(1) },
        { key: 'ArrowLeft', shown: '←', says: 'Partner before', run: () => go(-1) },
        { key: 't', shown: 'T', says: 'Turn the partner over', run: () => turn(partners[at]) },
        { key: 'c', shown: 'C', says: 'Add the chosen paper to the palette', run: () => lay(chosen) },
        { key: 'p', shown: 'P', says: 'Add the partner to the palette', run: () => layPartner(partners[at]) },
    ])
</script>

<Frame title="Pair">
    <SurfaceDefs {goods} />
    {#if !chosen}
        <Empty title="No papers to pair">
            <p>A kit with papers or cardstock can be looked at here to see which papers go together.</p>
            <Button main onclick={() => router.visit(`${frame.url}/add`)}>Add lines</Button>
        </Empty>
    {:else}
        <div class="place">
            <nav aria-label="Papers and cardstock">
                <ul>
                    {#each components as component (component)}
                        <li>
                            <button
                                type="button"
                                aria-current={component === chosen.component ? 'true' : undefined}
                                onclick={() => choose(component)}
                            >
                                <svg width="30" height="30" viewBox="0 0 100 100" aria-hidden="true"
                                    ><rect width="100" height="100" fill={smallFill(component, 0)} /></svg
                                >
                                {#if (goods[component]?.faces.length ?? 0) > 1}
                                    <svg width="30" height="30" viewBox="0 0 100 100" aria-hidden="true"
                                        ><rect width="100" height="100" fill={smallFill(component, 1)} /></svg
                                    >
                                {/if}
                                <span>{goods[component]?.name}</span>
                            </button>
                        </li>
                    {/each}
                </ul>
            </nav>
            <section>
                <div class="head">
                    <h1>{faceName(chosen, goods)} <small>{goods[chosen.component]?.faces[chosen.face]?.busy ? 'busy' : 'calm'}</small></h1>
                    <Button key="F" disabled={(goods[chosen.component]?.faces.length ?? 1) < 2} onclick={flip}>Flip it</Button>
                    <Button key="C" onclick={() => lay(chosen)}>
                        {tray.includes(keyOf(chosen)) ? 'Take out of the palette' : 'Add to the palette'}
                    </Button>
                    {#if mat}
                        <p>
                            A focal point stands out on it on a mat of <b>{goods[mat.component]?.name}</b>.
                        </p>
                    {/if}
                </div>
                <ol bind:this={grid}>
                    {#each partners as partner, i (partner.component)}
                        {@const fit = fitOf(partner)}
                        {@const laid = { component: partner.component, face: faceOf(partner) }}
                        <li class:here={i === at} aria-current={i === at ? 'true' : undefined}>
                            <svg viewBox="0 0 62 30" role="img" aria-label="{faceName(chosen, goods)} beside {faceName(laid, goods)}">
                                <rect width="31" height="30" fill={surfaceFill(chosen.component, chosen.face)} />
                                <g transform="translate(31 0)"
                                    ><rect width="31" height="30" fill={surfaceFill(partner.component, laid.face)} /></g
                                >
                            </svg>
                            <p class="figure"><b>{fit.figure}</b> {word(fit.figure)}</p>
                            <p class="name">{faceName(laid, goods)}</p>
                            <p class="why">{fit.reasons.join('; ') || 'no strong reason for it or against it'}</p>
                            <div class="acts">
                                {#if partner.fits.length > 1}<Button
                                        onclick={() => ((at = i), turn(partner))}
                                        key={i === at ? 'T' : undefined}>Turn over</Button
                                    >{/if}
                                <Button onclick={() => ((at = i), layPartner(partner))} key={i === at ? 'P' : undefined}>
                                    {tray.includes(keyOf(laid)) ? 'Take out of the palette' : 'Add to the palette'}
                                </Button>
                            </div>
                        </li>
                    {/each}
                </ol>
            </section>
            <Palettes {goods} {tray} {palettes} onkept={() => (tray = [])} />
        </div>
    {/if}
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: 14.5rem 1fr 17rem;
        height: 100%;
    }

    nav {
        min-height: 0;
        overflow: auto;
        background: var(--rail);
        border-right: 1px solid var(--line);
    }

    ul,
    ol {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    nav button {
        display: flex;
        align-items: center;
        gap: 0.375rem;
        width: 100%;
        min-height: var(--target);
        padding: 0.375rem 1rem;
        border: 0;
        border-left: 4px solid transparent;
        background: none;
        font-weight: 560;
        text-align: left;
        cursor: pointer;
    }

    nav button span {
        padding-left: 0.375rem;
    }

    nav button[aria-current] {
        border-left-color: var(--here);
        background: var(--sheet);
    }

    section {
        display: flex;
        flex-direction: column;
        min-height: 0;
        padding: 0.75rem 1.25rem;
    }

    .head {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem 0.75rem;
        margin-bottom: 0.75rem;
    }

    .head p {
        flex-basis: 100%;
    }

    h1 small,
    .why {
        color: var(--ink-soft);
        font-weight: 400;
    }

    ol {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(12.5rem, 1fr));
        gap: 0.75rem;
        min-height: 0;
        padding: 3px;
        overflow: auto;
    }

    ol li {
        display: grid;
        grid-template-rows: auto auto auto 1fr auto;
        gap: 0.125rem;
        padding: 0.625rem;
        border-radius: var(--radius);
        background: var(--rail);
    }

    ol li.here {
        outline: 2.5px solid var(--here);
        background: var(--here-soft);
    }

    ol svg {
        width: 100%;
        border-radius: 2px;
        box-shadow: 0 0 0 1px var(--paper-edge);
    }

    .figure b {
        font-size: 1.75rem;
        font-weight: 700;
    }

    .name {
        font-weight: 600;
    }

    .why {
        font-size: var(--small);
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.375rem;
        padding-top: 0.375rem;
    }

    /* On a phone the papers are a row to choose from, and the palette comes last. */
    @media (width < 60rem) {
        .place {
            grid-template-columns: minmax(0, 1fr);
            height: auto;
        }

        nav {
            border-right: 0;
            border-bottom: 1px solid var(--line);
        }

        nav ul {
            display: flex;
        }

        nav button {
            border-left: 0;
            white-space: nowrap;
        }

        nav button[aria-current] {
            box-shadow: inset 0 -4px 0 var(--here);
        }

        section {
            padding: 0.75rem 1rem;
        }
    }
</style>
