<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { kit } from '@/lib/kit'
    import { mm } from '@/lib/format'
    import { useKeys } from '@/lib/keys.svelte'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import { surfaceFill } from '@/lib/surfaces'
    import type { KeepPage } from '@/lib/props'

    let { hasCards, tray, counts, spares, goods, bonus }: KeepPage = $props()

    const frame = $derived(kit.frame)
    const cards = $derived(bonus?.cards ?? [])
    const kept = $derived(tray.reduce((sum, grade) => sum + grade.parts.length, 0))

    /** Offcuts are drawn a sixth of their real size: an 11 in strip is still on the tray. */
    const SCALE = 96 / 25.4 / 6

    poll('bonus', () => bonus?.isLooking ?? false)

    function add(number: number | undefined): void {
        if (number !== undefined && !sender.isBusy) sender.send('keep', { number }, { keeps: false })
    }

    useKeys(() => [{ key: 'a', shown: 'A', says: 'Add the first bonus card to the share-out', run: () => add(cards[0]?.number) }])
</script>

<Frame title="Keep">
    <SurfaceDefs {goods} />
    {#if !hasCards}
        <Empty title="Everything is still kept">
            <p>When cards are shared out, what they leave lies here: offcuts to scale, counts, and the bonus cards it still gives.</p>
            <Button main onclick={() => router.visit(`${frame.url}/share-out`)}>Go to Share out</Button>
        </Empty>
    {:else if bonus}
        <div class="place">
            <section aria-labelledby="bonus-title">
                {#if bonus.isLooking}
                    <h1 id="bonus-title">Looking for bonus cards…</h1>
                    <p role="status">{bonus.soFar ? `${bonus.soFar} found so far.` : 'Trying what is left against every sketch.'}</p>
                    <Button onclick={() => sender.send('keep/stop')}>Stop, keep what there is</Button>
                {:else}
                    <h1 id="bonus-title">
                        {cards.length === 0
                            ? 'No bonus card in what is left'
                            : cards.length === 1
                              ? 'One bonus card in what is left'
                              : `${cards.length} bonus cards in what is left`}
                    </h1>
                    {#if bonus.stop}
                        <p class="stop">
                            <strong>{cards.length ? 'The one after needs' : 'The next needs'} {bonus.stop.wants}.</strong>
                            {bonus.stop.outlook}
                            {#if bonus.stop.additions.length}
                                What to add: {#each bonus.stop.additions as addition, n (addition)}{n ? '; ' : ''}<Measure
                                        text={addition}
                                        wraps
                                    />{/each}.
                            {/if}
                        </p>
                    {/if}
                    {#if bonus.stop}<p class="soft">{bonus.stop.bound}</p>{/if}
                    <ul class="cards">
                        {#each cards as card, i (card.number)}
                            <li>
                                <CardFront front={card.front} {goods} side={132} />
                                <div>
                                    <h2>Card {card.number}, {card.front.occasion}</h2>
                                    <p class="soft">
                                        {card.front.sketch}{card.front.lacks.length
                                            ? `, lacks ${card.front.lacks.join(', ')}`
                                            : ', lacks nothing'}
                                    </p>
                                    <p class="uses">
                                        {#each card.uses as use, j (j)}<span><Measure text={use} /></span>{/each}
                                    </p>
                                    <Button
                                        main={i === 0}
                                        key={i === 0 ? 'A' : undefined}
                                        disabled={sender.isBusy}
                                        onclick={() => add(card.number)}
                                    >
                                        Add card {card.number}
                                    </Button>
                                </div>
                            </li>
                        {/each}
                    </ul>
                {/if}
            </section>
            <section class="tray" aria-labelledby="tray-title">
                <h2 id="tray-title">The tray: {kept} offcuts, to scale</h2>
                {#each tray as grade (grade.grade)}
                    {#if grade.parts.length}
                        <h3>{grade.label} <small>{grade.parts.length}</small></h3>
                        <ul class="offcuts">
                            {#each grade.parts as part, i (i)}
                                <li title="{part.from}{part.isThere ? '' : ', once it is cut'}">
                                    <svg
                                        width={mm(part.width) * SCALE}
                                        height={mm(part.height) * SCALE}
                                        viewBox="0 0 {mm(part.width)} {mm(part.height)}"
                                        role="img"
                                        aria-label={part.from}
                                    >
                                        <rect
                                            class:planned={!part.isThere}
                                            width={mm(part.width)}
                                            height={mm(part.height)}
                                            fill={surfaceFill(part.component, 0)}
                                        />
                                    </svg>
                                    {#if grade.grade !== 'confetti'}<Measure text={part.measure} />{/if}
                                </li>
                            {/each}
                        </ul>
                    {/if}
                {/each}
                <p class="soft">A dashed edge: still part of a sheet that is to be cut.</p>
                {#if spares.length}
                    <h2>No card needs these as they are</h2>
                    <ul class="spares">
                        {#each spares as spare (spare.id)}
                            <li>
                                <svg width="34" height="34" viewBox="0 0 34 34" aria-hidden="true"
                                    ><rect class="edge" width="34" height="34" fill={surfaceFill(spare.gives, 0)} /></svg
                                >
                                <span
                                    >{spare.count} × {spare.name}<br />each gives {spare.each === 1 ? '' : `${spare.each} × `}<Measure
                                        text={spare.size}
                                    /></span
                                >
                                <Button
                                    aria-label="{spare.name}: {spare.how} one"
                                    onclick={() => sender.send('keep/apart', { component: spare.id })}>{spare.how}</Button
                                >
                            </li>
                        {/each}
                    </ul>
                    <p class="soft">Bonus cards count on them; one that is added takes what it needs.</p>
                {/if}
                <h2>Left of the rest</h2>
                <ul class="counts">
                    {#each counts as line (line.id)}
                        <li class:isGone={line.isGone}>
                            <span>{goods[line.id]?.name}</span><b><Measure text={line.left} />{line.isGone ? ', gone' : ''}</b>
                        </li>
                    {/each}
                </ul>
            </section>
        </div>
    {/if}
</Frame>

<style>
    .place {
        display: grid;
        grid-template-columns: 1fr 1fr;
        height: 100%;
    }

    section {
        min-height: 0;
        padding: 1.25rem 1.5rem 2rem;
        overflow: auto;
    }

    .tray {
        background: var(--kraft-soft);
        border-left: 2px solid var(--kraft);
    }

    h1 {
        margin-bottom: 0.5rem;
    }

    .tray h2 {
        color: var(--kraft-ink);
    }

    .tray h2:not(:first-child) {
        margin-top: 1.5rem;
    }

    h3 {
        margin: 0.875rem 0 0.375rem;
        font-size: var(--body);
        font-weight: 600;
    }

    small {
        color: var(--ink-soft);
    }

    .stop {
        margin-bottom: 0.5rem;
        padding: 0.75rem 1rem;
        border-left: 4px solid var(--here);
        background: var(--here-soft);
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    .cards li {
        display: grid;
        grid-template-columns: 8.5rem 1fr;
        align-items: start;
        gap: 1.25rem;
        padding: 1rem 0;
        border-bottom: 1px solid var(--line);
    }

    .cards li > div {
        display: grid;
        justify-items: start;
        gap: 0.375rem;
    }

    .uses {
        display: flex;
        flex-wrap: wrap;
        gap: 0.125rem 0.375rem;
        font-size: var(--small);
    }

    .uses span:not(:last-child)::after {
        content: ' ·';
        color: var(--ink-soft);
    }

    .offcuts {
        display: flex;
        flex-wrap: wrap;
        align-items: end;
        gap: 0.625rem 0.875rem;
    }

    .offcuts li {
        display: grid;
        justify-items: center;
        font-size: var(--small);
        font-weight: 600;
        color: var(--kraft-ink);
    }

    .offcuts rect {
        stroke: var(--paper-edge);
        stroke-width: 1px;
        vector-effect: non-scaling-stroke;
    }

    .offcuts .planned {
        stroke: var(--kraft-ink);
        stroke-width: 1.5px;
        stroke-dasharray: 4 3;
    }

    .spares {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
        gap: 0.25rem 1.5rem;
        margin-top: 0.5rem;
    }

    .spares li {
        display: grid;
        grid-template-columns: auto 1fr auto;
        align-items: center;
        gap: 0.625rem;
        font-size: var(--small);
    }

    .spares .edge {
        stroke: var(--paper-edge);
    }

    .counts {
        columns: 2;
        column-gap: 2rem;
        margin-top: 0.5rem;
        font-size: var(--small);
    }

    .counts li {
        display: flex;
        justify-content: space-between;
        padding: 0.1875rem 0;
        break-inside: avoid;
        border-bottom: 1px solid color-mix(in srgb, var(--kraft) 55%, transparent);
    }

    .isGone b {
        color: var(--madder);
    }
</style>
