<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import CardFront from '@/parts/CardFront.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { NextCardPage } from '@/lib/props'

    /** Card by card: the best next ones, each with what it uses up and how many stay possible. */
    let { goods, cards, options, looking }: NextCardPage = $props()

    const frame = $derived(kit.frame)
    const KEYS = ['f', 'g', 'h', 'j', 'k']

    poll('looking', () => looking.isUnderWay)

    function take(nth: number): void {
        if (options[nth] && !sender.isBusy) sender.send('share-out/next', { nth }, { keeps: false })
    }

    useKeys(() =>
        options.map((option, n) => ({
            key: KEYS[n] ?? '',
            shown: KEYS[n]?.toUpperCase() ?? '',
            says: `Make the ${option.front.occasion} card, ${option.front.sketch.toLowerCase()}`,
            run: () => take(n),
        })),
    )

    const count = (n: number): string => (n === 1 ? '1 card' : `${n} cards`)
</script>

<Frame title="Card by card">
    <SurfaceDefs {goods} />
    <h1 class="sr-only">Card by card</h1>
    {#if looking.isUnderWay}
        <p class="head" role="status">
            Checking what each card would leave: {looking.done} of 5…
            <Button onclick={() => sender.send('share-out/next/stop')}>Stop and show what there is</Button>
        </p>
    {:else if options.length === 0}
        <Empty title={cards ? 'No further card can be made' : 'There is not enough for a card'}>
            <p>The share-out says what stops the next one, and what to add for one, three or six more.</p>
            <Button main onclick={() => router.visit(`${frame.url}/share-out`)}>Go to the cards</Button>
        </Empty>
    {:else}
        <p class="head"><strong>{count(cards)} on the table.</strong> Which one next? Each shows how many more you can make after it.</p>
        <ul class="options">
            {#each options as option, n (n)}
                <li>
                    <CardFront front={option.front} {goods} side={200} />
                    <h2>{option.front.occasion}</h2>
                    <p>{option.front.sketch}{option.fold ? `, ${option.fold}` : ''}</p>
                    <p class="leaves"><b>{option.leaves}</b> more possible after it</p>
                    <p class="up">{option.usesUp.length ? `Uses up ${option.usesUp.join(', ')}.` : 'It uses nothing up.'}</p>
                    <p class="takes">
                        {#each option.takes as taking, i (i)}<span><Measure text={taking} /></span>{/each}
                    </p>
                    <Button main key={KEYS[n]?.toUpperCase() ?? ''} disabled={sender.isBusy} onclick={() => take(n)}>Make this one</Button>
                </li>
            {/each}
        </ul>
    {/if}
</Frame>

<style>
    .head {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 1rem;
        padding: 0.75rem 1.25rem;
        font-size: var(--large);
    }

    .options {
        display: grid;
        grid-template-columns: repeat(5, minmax(13rem, 1fr));
        grid-template-rows: auto auto auto auto auto 1fr auto;
        gap: 0.25rem 1.25rem;
        margin: 0;
        padding: 0.5rem 1.25rem 1.25rem;
        overflow: auto;
        list-style: none;
    }

    @media (width < 75rem) {
        .options {
            grid-template-columns: repeat(auto-fill, minmax(min(16rem, 100%), 1fr));
            grid-template-rows: none;
        }
    }

    li {
        display: grid;
        grid-row: span 7;
        grid-template-rows: subgrid;
        align-items: end;
    }

    .leaves b {
        font-size: var(--title);
    }

    .up,
    .takes {
        color: var(--ink-soft);
    }

    .takes {
        display: grid;
        align-self: start;
        padding: 0.5rem 0;
        font-size: var(--small);
    }
</style>
