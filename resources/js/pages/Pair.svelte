<script lang="ts">
    import { page, router } from '@inertiajs/svelte'
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { smallFill, surfaceFill } from '@/lib/surfaces'
    import type { KitFrame, LaidFace, PairPage, PaperPartner } from '@/lib/props'

    let { goods, components, chosen, partners, mat, palettes }: PairPage = $props()

    const frame = $derived(page.props['frame'] as KitFrame)
    const errors = $derived(page.props.errors as Record<string, string>)
    /** Partners turned over by hand; the others lie on their better face. */
    let turned = $state<Record<string, number>>({})
    let at = $state(0)
    let tray = $state<string[]>([])
    let name = $state('')
    let grid: HTMLElement | undefined = $state()

    $effect(() => {
        if (chosen) untrack(() => ((turned = {}), (at = 0)))
    })

    const faceOf = (partner: PaperPartner): number => turned[partner.component] ?? partner.face
    const fitOf = (partner: PaperPartner) => partner.fits[faceOf(partner)] ?? { figure: 0, reasons: [] }
    const faceName = (laid: LaidFace): string => {
        const good = goods[laid.component]
        const face = good?.faces[laid.face]
        return good && good.kind !== 'cardstock' && face ? face.name : (good?.name ?? '')
    }
    const split = (key: string): LaidFace => {
        const [component = '', face = '0'] = key.split('/')
        return { component, face: Number(face) }
    }
    const key = (laid: LaidFace): string => `${laid.component}/${laid.face}`
    const word = (figure: number): string =>
        figure >= 75 ? 'go well together' : figure >= 55 ? 'go together' : figure >= 40 ? 'may do' : 'do not go together'

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
        const k = key(laid)
        tray = tray.includes(k) ? tray.filter((one) => one !== k) : [...tray, k]
    }

    const layPartner = (partner: PaperPartner | undefined): void => {
        if (partner) lay({ component: partner.component, face: faceOf(partner) })
    }

    function keep(event: SubmitEvent): void {
        event.preventDefault()
        router.post(
            `${frame.url}/palettes`,
            { name, surfaces: tray, revision: frame.revision },
            { preserveState: true, preserveScroll: true, onSuccess: () => ((tray = []), (name = '')) },
        )
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
        { key: 'c', shown: 'C', says: 'Lay the chosen paper to the palette', run: () => lay(chosen) },
        { key: 'p', shown: 'P', says: 'Lay the partner to the palette', run: () => layPartner(partners[at]) },
    ])
</script>

{#snippet strip(surfaces: string[])}
    <span class="strip">
        {#each surfaces as one (one)}
            {@const laid = split(one)}
            <svg viewBox="0 0 22 34" width="26" height="40" role="img" aria-label={faceName(laid)}
                ><rect width="22" height="34" fill={surfaceFill(laid.component, laid.face)} /></svg
            >
        {/each}
    </span>
{/snippet}

<Frame title="Pair">
    <SurfaceDefs {goods} />
    {#if !chosen}
        <Empty title="No papers to pair">
            <p>A kit with papers or cardstock can be laid out here to see what goes with what.</p>
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
                    <h1>{faceName(chosen)} <small>{goods[chosen.component]?.faces[chosen.face]?.busy ? 'busy' : 'calm'}</small></h1>
                    <Button key="F" disabled={(goods[chosen.component]?.faces.length ?? 1) < 2} onclick={flip}>Flip it</Button>
                    <Button key="C" aria-pressed={tray.includes(key(chosen))} onclick={() => lay(chosen)}>To the palette</Button>
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
                            <svg viewBox="0 0 62 30" role="img" aria-label="{faceName(chosen)} beside {faceName(laid)}">
                                <rect width="31" height="30" fill={surfaceFill(chosen.component, chosen.face)} />
                                <g transform="translate(31 0)"
                                    ><rect width="31" height="30" fill={surfaceFill(partner.component, laid.face)} /></g
                                >
                            </svg>
                            <p class="figure"><b>{fit.figure}</b> {word(fit.figure)}</p>
                            <p class="name">{faceName(laid)}</p>
                            <p class="why">{fit.reasons.join('; ') || 'nothing for it, nothing against it'}</p>
                            <div class="acts">
                                {#if partner.fits.length > 1}<Button
                                        onclick={() => ((at = i), turn(partner))}
                                        key={i === at ? 'T' : undefined}>Turn over</Button
                                    >{/if}
                                <Button
                                    aria-pressed={tray.includes(key(laid))}
                                    onclick={() => ((at = i), layPartner(partner))}
                                    key={i === at ? 'P' : undefined}
                                >
                                    {tray.includes(key(laid)) ? 'Laid' : 'Lay to it'}
                                </Button>
                            </div>
                        </li>
                    {/each}
                </ol>
            </section>
            <aside aria-label="Palettes">
                <h2>Palette in hand</h2>
                {#if tray.length}
                    {@render strip(tray)}
                    <form onsubmit={keep} novalidate>
                        <label for="palette-name">Name</label>
                        <input id="palette-name" bind:value={name} autocomplete="off" aria-invalid={!!errors['name']} />
                        {#if errors['name'] || errors['surfaces']}<p class="fault" role="alert">
                                {errors['name'] ?? errors['surfaces']}
                            </p>{/if}
                        <Button main type="submit">Keep this palette</Button>
                    </form>
                {:else}
                    <p class="soft">
                        Lay papers, cardstock and metals together that go well, and keep them under a name. Share out can draw a card from
                        it.
                    </p>
                {/if}
                {#if palettes.length}
                    <h2>Kept</h2>
                    <ul class="kept">
                        {#each palettes as palette (palette.id)}
                            <li>
                                <b>{palette.name}</b>
                                {@render strip(palette.surfaces)}
                                <div class="acts">
                                    <Button
                                        onclick={() =>
                                            router.post(`${frame.url}/palettes/${palette.id}/card`, { revision: frame.revision })}
                                        >Draw a card</Button
                                    >
                                    <Button
                                        onclick={() =>
                                            router.delete(`${frame.url}/palettes/${palette.id}`, {
                                                data: { revision: frame.revision },
                                                preserveState: true,
                                            })}>Remove</Button
                                    >
                                </div>
                            </li>
                        {/each}
                    </ul>
                {/if}
            </aside>
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
    .soft,
    .why {
        color: var(--ink-soft);
        font-weight: 400;
    }

    h2 {
        margin-bottom: 0.5rem;
    }

    h2:not(:first-child) {
        margin-top: 1.75rem;
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

    aside {
        min-height: 0;
        padding: 1rem 1.25rem;
        overflow: auto;
        border-left: 1px solid var(--line);
    }

    .strip {
        display: flex;
        flex-wrap: wrap;
        margin: 0.25rem 0;
    }

    .strip svg {
        box-shadow: 0 0 0 1px var(--paper-edge);
    }

    form {
        display: grid;
        justify-items: start;
        gap: 0.375rem;
        margin-top: 0.5rem;
    }

    label {
        font-weight: 600;
    }

    input {
        width: 100%;
    }

    .kept li {
        padding: 0.75rem 0;
        border-bottom: 1px solid var(--line);
    }
</style>
