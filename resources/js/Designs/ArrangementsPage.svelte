<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Beside from './Beside.svelte'
    import Button from '@/parts/Button.svelte'
    import FrontPicker, { type FrontQuery } from './FrontPicker.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import ArrangementDrawing from './ArrangementDrawing.svelte'
    import ToPick from '@/parts/ToPick.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { ArrangementsPage } from '@/lib/props'

    let { front, count, families, chosen, lines, own }: ArrangementsPage = $props()

    const url = $derived(`${kit.frame.url}/arrangements`)
    const shelf = $derived(families.flatMap((family) => family.shelf))
    const copyUrl = $derived(own === null ? `${url}/new?from=${chosen.key}` : `${url}/${own}/change`)

    function show(change: Partial<FrontQuery> & { arrangement?: string }): void {
        const now = {
            arrangement: chosen.key,
            front: front.key,
            lying: front.isLying ? 1 : 0,
            width: front.width,
            height: front.height,
        }
        router.get(url, { ...now, ...change }, { preserveState: true, preserveScroll: true })
    }

    function go(step: number): void {
        const next = shelf[shelf.findIndex((one) => one.key === chosen.key) + step]
        if (next) show({ arrangement: next.key })
    }

    useKeys(() => [
        { key: 'ArrowRight', shown: '→', says: 'Next arrangement', run: () => go(1) },
        { key: 'ArrowLeft', shown: '←', says: 'Arrangement before', run: () => go(-1) },
        { key: 'l', shown: 'L', says: 'Upright or lying', run: () => show({ lying: front.isLying ? 0 : 1 }) },
        { key: 'c', shown: 'C', says: 'Copy the arrangement and change it', run: () => router.visit(copyUrl) },
    ])
</script>

{#snippet aside()}
    <h2>{chosen.name}</h2>
    {#if chosen.fault}<p class="fault" role="alert">{chosen.fault}</p>{/if}
    <ArrangementDrawing drawn={chosen} side={260} />
    <p class="soft">From the bottom up. A place for which a card has no piece is left out, and the other pieces move together.</p>
    <ol>
        {#each lines as line (line.name)}
            <li><b>{line.name}</b> <Measure text={line.says} wraps /></li>
        {/each}
    </ol>
    <div class="acts">
        <Button main key="C" href={copyUrl}>{own === null ? 'Copy and change' : 'Change it'}</Button>
        {#if own !== null}
            <Button onclick={() => sender.send(`arrangements/${own}`, {}, { method: 'delete' })}>Delete the arrangement</Button>
        {/if}
    </div>
{/snippet}

<Frame title="Arrangements">
    <Beside about={chosen.name} width="22rem" isFirst {aside}>
        <section aria-labelledby="shelf-title">
            <div class="head">
                <h1 id="shelf-title">{count} arrangements on <Measure text={front.label} /></h1>
                <FrontPicker {front} onpick={show} />
                <Button href="{url}/new">Write an arrangement</Button>
            </div>
            {#each families as family (family.name)}
                <h2>{family.name}</h2>
                <ul>
                    {#each family.shelf as one (one.key)}
                        <li>
                            <ToPick name={one.name} isPicked={one.key === chosen.key} onpick={() => show({ arrangement: one.key })}>
                                <ArrangementDrawing drawn={one} side={104} />
                            </ToPick>
                        </li>
                    {/each}
                </ul>
            {/each}
        </section>
    </Beside>
</Frame>

<style>
    .head,
    .acts {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem 1rem;
    }

    h1,
    h2 {
        margin: 0;
    }

    section h2 {
        margin: 1rem 0 0.25rem;
        font-size: var(--body);
    }

    h2::first-letter {
        text-transform: uppercase;
    }

    ul {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
        gap: 0.5rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    ol {
        margin: 0;
        padding-left: 1.25rem;
    }

    .soft {
        margin: 0;
        color: var(--ink-soft);
    }
</style>
