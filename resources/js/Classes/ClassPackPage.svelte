<script lang="ts">
    import { router } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import { kit } from '@/lib/kit'
    import { useKeys } from '@/lib/keys.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { ClassPackPage, PackLine } from '@/lib/props'

    let { id, name, people, bag, all, bags, lines }: ClassPackPage = $props()

    const url = $derived(`${kit.frame.url}/class/${id}`)
    const own = $derived(bags[bag - 1])
    const ready = $derived(bags.filter((one) => one.packed >= all && all > 0).length)
    const groups = $derived(
        [...new Set(lines.map((line) => line.card))].map((card) => ({ card, lines: lines.filter((line) => line.card === card) })),
    )
    let list = $state<HTMLElement>()

    function show(number: number): void {
        if (number < 1 || number > people) return
        router.get(`${url}/pack`, { bag: number }, { preserveState: true, preserveScroll: true, replace: true })
    }

    const pack = (line: string, packed: boolean, every = false): void => sender.send(`class/${id}/pack`, { bag, line, packed, every })
    const check = (line: PackLine): void => pack(line.id, !line.isPacked)
    const whole = (): void => pack('', (own?.packed ?? 0) < all)
    const next = (): void => {
        const open = bags.find((one) => one.number > bag && one.packed < all) ?? bags.find((one) => one.packed < all)
        if (open) show(open.number)
    }

    function move(by: number): void {
        const boxes = [...(list?.querySelectorAll<HTMLElement>('input[type=checkbox]') ?? [])]
        const at = boxes.indexOf(document.activeElement as HTMLElement)
        boxes[Math.max(0, Math.min(boxes.length - 1, at + by))]?.focus()
    }

    function every(): void {
        const focused = document.activeElement instanceof HTMLInputElement ? document.activeElement.dataset['line'] : undefined
        if (focused) pack(focused, true, true)
    }

    useKeys(() => [
        { key: 'ArrowDown', shown: '↓', says: 'Next line; Space ticks it', run: () => move(1) },
        { key: 'ArrowUp', shown: '↑', says: 'Line before', run: () => move(-1) },
        { key: 'ArrowRight', shown: '→', says: 'Next bag', run: () => show(bag + 1) },
        { key: 'ArrowLeft', shown: '←', says: 'Bag before', run: () => show(bag - 1) },
        { key: 'a', shown: 'A', says: 'The whole bag is packed, or empty again', run: whole },
        { key: 'i', shown: 'I', says: 'This line goes into every bag', run: every },
        { key: 'o', shown: 'O', says: 'The next bag that is not packed', run: next },
        {
            key: 'x',
            shown: 'X',
            says: 'This bag is lost or spoiled: make it up again',
            run: () => sender.send(`class/${id}/lost`, { bag }),
        },
    ])
</script>

<Frame title="Pack {name}">
    <div class="head">
        <div>
            <h1>{name}: bag {bag} of {people}</h1>
            <p role="status">
                {own?.packed ?? 0} of {all} in this bag; {ready} of {people} bags are packed.
                {#if own?.lost}This bag was lost. Pack it again.{/if}
            </p>
        </div>
        <div class="acts">
            <Button main key="A" onclick={whole}>{(own?.packed ?? 0) < all ? 'Mark all as packed' : 'Unpack the bag'}</Button>
            <Button key="O" onclick={next}>Next open bag</Button>
            <Button key="X" onclick={() => sender.send(`class/${id}/lost`, { bag })}>Mark the bag as lost</Button>
            <Button href="{url}/look">The plan</Button>
        </div>
    </div>
    <nav aria-label="Bags">
        {#each bags as one (one.number)}
            <button
                type="button"
                class:full={one.packed >= all}
                aria-current={one.number === bag ? 'true' : undefined}
                onclick={() => show(one.number)}
            >
                <b>{one.number}</b>
                <small>{one.packed >= all ? '✓' : `${one.packed}/${all}`}{one.lost ? ' ↻' : ''}</small>
                <span class="sr-only">{one.packed >= all ? 'all of it packed' : 'packed'}{one.lost ? ', made up again' : ''}</span>
            </button>
        {/each}
    </nav>
    <div class="place" bind:this={list}>
        {#each groups as group (group.card)}
            <section aria-labelledby="card-{group.card}">
                <h2 id="card-{group.card}">Card {group.card}</h2>
                {#each group.lines as line (line.id)}
                    <div class="line" class:packed={line.isPacked}>
                        <label>
                            <input type="checkbox" data-line={line.id} checked={line.isPacked} onchange={() => check(line)} />
                            <b class="amount"><Measure text={line.amount} /></b>
                            <span>
                                {line.part}: {line.what}{line.done ? `, ${line.done}` : ''}
                                {#if line.from}<em class:isLacking={line.isLacking}>{line.from}</em>{/if}
                            </span>
                        </label>
                        <Button also="have it: {line.part} of card {line.card}; into every bag" onclick={() => pack(line.id, true, true)}
                            >{line.inBags} of {people}</Button
                        >
                    </div>
                {/each}
            </section>
        {:else}
            <p>Nothing goes into the bags: the cards of this class are gone. Prepare the class again.</p>
        {/each}
    </div>
    <p class="foot">The figure at the end of a line says in how many bags it lies. Press it when it is in all of them.</p>
</Frame>

<style>
    .head,
    .acts {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.5rem;
    }

    .head {
        justify-content: space-between;
        padding: 1rem 1.5rem 0;
    }

    nav {
        display: flex;
        flex-wrap: wrap;
        gap: 0.375rem;
        padding: 1rem 1.5rem;
    }

    nav button {
        display: grid;
        justify-items: center;
        min-width: 3.75rem;
        padding: 0.375rem 0.5rem;
        border: 2px solid var(--line);
        border-radius: var(--radius);
        background: var(--rail);
        color: inherit;
        font: inherit;
        cursor: pointer;
    }

    nav button[aria-current] {
        border-color: var(--here);
        background: var(--here-soft);
    }

    nav .full b {
        text-decoration: underline;
        text-decoration-thickness: 3px;
    }

    small {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .place {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(100%, 26rem), 1fr));
        gap: 1rem 2.5rem;
        padding: 0 1.5rem;
    }

    h2 {
        font-size: var(--title);
    }

    .line {
        display: flex;
        align-items: center;
        justify-content: space-between;
        gap: 0.5rem;
        padding-block: 0.125rem;
        border-bottom: 1px solid var(--line);
    }

    .line.packed label {
        color: var(--ink-soft);
    }

    label {
        display: grid;
        flex: 1;
        grid-template-columns: auto 7.5rem 1fr;
        align-items: baseline;
        gap: 0.625rem;
        min-height: var(--target);
        padding: 0.5rem 0;
        cursor: pointer;
    }

    @media (width < 30rem) {
        label {
            grid-template-columns: auto 1fr;
        }

        label span {
            grid-column: 2;
        }
    }

    em {
        display: block;
        font-style: normal;
        font-weight: 600;
    }

    em.isLacking {
        color: var(--madder);
    }

    .foot {
        padding: 1rem 1.5rem 3rem;
        color: var(--ink-soft);
    }
</style>
