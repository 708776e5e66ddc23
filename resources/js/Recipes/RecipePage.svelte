<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Files from '@/parts/Files.svelte'
    import Frame from '@/parts/Frame.svelte'
    import FrontList from './FrontList.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { RecipePage } from '@/lib/props'

    let { key, name, about, isOwn, templates, fronts, wants, goods }: RecipePage = $props()

    const url = $derived(`${kit.frame.url}/recipes/${key}`)
    const path = $derived(`recipes/${key}`)
    let at = $state(0)
    const template = $derived(templates[Math.min(at, templates.length - 1)])
    const go = (by: number): void => {
        at = Math.max(0, Math.min(templates.length - 1, at + by))
    }

    useKeys(() => [
        { key: 'ArrowRight', shown: '→', says: 'Next template', run: () => go(1) },
        { key: 'ArrowLeft', shown: '←', says: 'Template before', run: () => go(-1) },
        { key: 'l', shown: 'L', says: 'Use it with this kit', run: () => router.visit(`${url}/lay`) },
    ])
</script>

<Frame title={name}>
    <SurfaceDefs {goods} />
    <div class="head">
        <div>
            <h1>{name}</h1>
            <p class="soft">{about}</p>
        </div>
        <div class="acts">
            <Button main key="L" href="{url}/lay">Use it with this kit</Button>
            <Files at="recipe" of={url} />
            <Button href="{kit.frame.url}/class?recipe={key}">For a class</Button>
        </div>
    </div>
    <div class="place abreast">
        {#if template}
            <section aria-labelledby="template-title">
                <div class="acts">
                    <h2 id="template-title">{template.name}</h2>
                    <Button key="←" also="Template before" disabled={at === 0} onclick={() => go(-1)}
                        ><span aria-hidden="true">←</span></Button
                    >
                    <Button key="→" also="Next template" disabled={at >= templates.length - 1} onclick={() => go(1)}
                        ><span aria-hidden="true">→</span></Button
                    >
                    <span class="soft" role="status">{at + 1} of {templates.length}</span>
                    <Button href={template.picture} download>In its real size (SVG)</Button>
                </div>
                <p class="soft">{template.says} Number of the card, the part, and an arrow to its upper edge.</p>
                <img src={template.picture} alt="{template.name} with its cuts: each piece is listed below" />
                <div class="lists">
                    <table>
                        <caption>Cuts in order</caption>
                        <tbody>
                            {#each template.cuts as cut (cut.number)}
                                <tr>
                                    <th scope="row">{cut.number}</th>
                                    <td class="at"><Measure text={cut.at} /></td>
                                    <td>
                                        {cut.turn ? 'turn, then ' : ''}from the {cut.from} edge of <Measure text={cut.inHand} />
                                    </td>
                                </tr>
                            {/each}
                        </tbody>
                    </table>
                    <table>
                        <caption>Pieces</caption>
                        <tbody>
                            {#each template.pieces as piece (`${piece.card} ${piece.part}`)}
                                <tr>
                                    <th scope="row">card {piece.card}</th>
                                    <td class="at"><Measure text={piece.size} /></td>
                                    <td>{piece.part}{piece.stands ? '' : ', lies on its side'}</td>
                                </tr>
                            {/each}
                        </tbody>
                    </table>
                </div>
            </section>
        {/if}
        <section aria-labelledby="cards-title">
            <h2 id="cards-title">{fronts.length} cards</h2>
            <FrontList {fronts} {goods} />
            <h2>What else is needed</h2>
            <table>
                <tbody>
                    {#each wants as want (want.what)}
                        <tr>
                            <td class="at">{want.many}</td>
                            <td><Measure text={want.what} wraps /></td>
                            <td class="soft">{want.cards.includes(',') ? 'cards' : 'card'} {want.cards}</td>
                        </tr>
                    {/each}
                </tbody>
            </table>
            {#if isOwn}
                <p class="own"><Button onclick={() => sender.send(path, {}, { method: 'delete' })}>Delete the recipe</Button></p>
            {/if}
        </section>
    </div>
</Frame>

<style>
    .head {
        display: flex;
        flex-wrap: wrap;
        align-items: end;
        justify-content: space-between;
        gap: 0.75rem 2rem;
        padding: 1rem 1.5rem 0;
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
    }

    .place {
        --columns: minmax(0, 1.1fr) minmax(0, 1fr);
    }

    h2 {
        font-size: var(--title);
    }

    img {
        display: block;
        width: 100%;
        max-width: 42rem;
        margin: 0.75rem 0;
        padding: 0.75rem;
        background: var(--drawn-paper);
    }

    .lists {
        display: flex;
        flex-wrap: wrap;
        gap: 1rem 2.5rem;
    }

    table {
        border-collapse: collapse;
    }

    caption {
        font-weight: 650;
        text-align: left;
    }

    th,
    td {
        padding: 0.25rem 0.75rem 0.25rem 0;
        border-top: 1px solid var(--line);
        font-weight: 500;
        text-align: left;
        vertical-align: baseline;
    }

    .at {
        font-size: var(--large);
        font-weight: 650;
        white-space: nowrap;
    }

    .soft {
        color: var(--ink-soft);
    }

    .own {
        margin-top: 1.5rem;
    }
</style>
