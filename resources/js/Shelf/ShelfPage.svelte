<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import TextButton from '@/parts/TextButton.svelte'
    import { kit } from '@/lib/kit'
    import { surfaceFill } from '@/lib/surfaces'
    import { money } from '@/lib/format'
    import KitForm from './KitForm.svelte'
    import NewKit from './NewKit.svelte'
    import { sender } from '@/lib/send.svelte'
    import { untrack } from 'svelte'
    import type { AboutKit, ShelfPage } from '@/lib/props'

    let { kits, shelf, fronts, areSamples }: ShelfPage = $props()

    const blank: AboutKit = {
        name: '',
        unit: 'in',
        front_width: untrack(() => fronts.in.width),
        front_height: untrack(() => fronts.in.height),
        promised: '10',
        price: '',
        currency: '',
        bought_on: '',
        theme: '',
        instructions: '',
    }
    let isByHand = $state(untrack(() => 'name' in kit.errors))
</script>

<Frame title="Shelf" {shelf}>
    <SurfaceDefs goods={Object.fromEntries(kits.flatMap((kit) => kit.papers.map((paper) => [paper.id, paper])))} />
    {#if areSamples}
        <p class="samples">
            <span>What is here are samples: the kits, the stash, the people and the prices. Try anything.</span>
            <Button onclick={() => sender.send('/safe/own')}>Start with my own</Button>
        </p>
    {/if}
    <div class="shelf abreast">
        <section aria-labelledby="kits-title">
            <h1 id="kits-title">Kits on the shelf</h1>
            <p class="made"><Link href="/cards">Cards made, of all kits</Link></p>
            {#if kits.length === 0}
                <p class="none">No kit yet. Paste your packing list beside this to start a kit.</p>
            {/if}
            <ul>
                {#each kits as kit (kit.id)}
                    <li class:stash={kit.isStash} class:away={kit.isPutAway}>
                        <Link href={kit.url}>
                            {#if kit.papers.length}
                                <span class="papers" aria-hidden="true">
                                    {#each kit.papers.slice(0, 12) as paper (paper.id)}
                                        <svg viewBox="0 0 22 22"><rect width="22" height="22" fill={surfaceFill(paper.id, 0)} /></svg>
                                    {/each}
                                </span>
                            {/if}
                            <strong>{kit.name}{kit.isPutAway ? ', put away' : ''}</strong>
                            <span
                                ><Measure
                                    text={kit.isStash
                                        ? 'What you had already, for use with every kit'
                                        : `${kit.front} · ${kit.promised} cards promised`}
                                /></span
                            >
                            <span class="figures">
                                {kit.components}{kit.cards ? ` · ${kit.cards} cards shared out` : ''}{kit.price
                                    ? ` · ${money(kit.price)}`
                                    : ''}
                            </span>
                        </Link>
                    </li>
                {/each}
            </ul>
        </section>
        <section class="bring" aria-labelledby="bring-title">
            <h2 id="bring-title">A new kit</h2>
            <NewKit {kits} isFirst={kits.every(({ isStash }) => isStash)} />
            {#if isByHand}
                <h3>An empty kit</h3>
                <KitForm about={blank} {fronts} path="/kits/new" does="Start this kit" />
            {:else}
                <p class="hint"><TextButton onclick={() => (isByHand = true)}>Start an empty kit instead</TextButton></p>
            {/if}
        </section>
    </div>
</Frame>

<style>
    .samples {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        justify-content: center;
        gap: 0.5rem 1.25rem;
        padding: 0.5rem 1.25rem;
        background: var(--here-soft);
    }

    .made {
        margin-bottom: 0.5rem;
    }

    .shelf {
        max-width: 70rem;
        margin: 0 auto;
        padding-block: 2.5rem;
    }

    h1,
    h2 {
        margin-bottom: var(--gap);
        font-size: var(--title);
    }

    ul {
        display: grid;
        gap: 0.75rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    ul :global(a) {
        display: grid;
        gap: 0.25rem;
        padding: 1.125rem 1.25rem;
        border: 1px solid var(--line);
        border-left: 6px solid var(--here);
        border-radius: var(--radius);
        background: var(--sheet);
        color: var(--ink);
        text-decoration: none;
        box-shadow: var(--shadow);
    }

    .stash :global(a) {
        border-left-color: var(--kraft);
    }

    strong {
        font-size: var(--large);
    }

    .papers {
        display: grid;
        grid-template-columns: repeat(12, 1fr);
        gap: 3px;
        margin-bottom: 0.375rem;
    }

    .papers svg {
        display: block;
        border-radius: 2px;
        box-shadow: 0 0 0 0.5px var(--paper-edge);
    }

    .figures,
    .hint,
    .none {
        color: var(--ink-soft);
    }

    .bring {
        align-self: start;
        padding: 1.5rem;
        background: var(--rail);
        border-radius: var(--radius);
    }

    .away {
        opacity: 0.75;
    }

    h3 {
        margin: 1.5rem 0 0.5rem;
        font-size: var(--body);
    }

    .hint {
        margin-top: var(--gap);
        font-size: var(--small);
    }
</style>
