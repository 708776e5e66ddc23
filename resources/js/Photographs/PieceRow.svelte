<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Measure from '@/parts/Measure.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { SeenPiece } from '@/lib/props'

    interface Props {
        piece: SeenPiece
        path: string
        picture: string
        isChosen: boolean
        onchoose: () => void
    }

    /** What a piece is, in the maker's words. It is saved when the field is left. What is refused stays typed. */
    let { piece, path, picture, isChosen, onchoose }: Props = $props()

    const uid = $props.id()
    const fault = $derived(kit.errors[`say.${piece.number}`] ?? piece.fault)
    const box = $derived(bounds(piece.d))

    function bounds(d: string): string {
        const numbers = (d.split('Z')[0] ?? '').match(/[\d.]+/g)?.map(Number) ?? [0, 0]
        const xs = numbers.filter((_, i) => i % 2 === 0)
        const ys = numbers.filter((_, i) => i % 2 === 1)
        const [left, top] = [Math.min(...xs), Math.min(...ys)]
        return `${left - 6} ${top - 6} ${Math.max(...xs) - left + 12} ${Math.max(...ys) - top + 12}`
    }

    const edit = (what: string, text: string): void => sender.send(path, { do: what, on: piece.number, text })
</script>

<li id="row-{piece.number}" class:isChosen class:isOff={piece.isDropped}>
    <button type="button" class="look" tabindex="-1" aria-hidden="true" onclick={onchoose}>
        <svg viewBox={box} preserveAspectRatio="xMidYMid meet">
            <clipPath id="{uid}-cut"><path d={piece.d} clip-rule="evenodd" /></clipPath>
            <image href={picture} clip-path="url(#{uid}-cut)" />
        </svg>
    </button>
    <div class="what">
        {#if piece.isDropped}
            <p><b>{piece.called}</b> is removed.</p>
        {:else}
            <span class="said">
                <input
                    value={piece.said}
                    placeholder={piece.called}
                    maxlength="200"
                    data-column="said"
                    autocomplete="off"
                    aria-label="{piece.called}: what it is"
                    aria-invalid={!!fault}
                    aria-describedby="{uid}-says"
                    onfocus={onchoose}
                    onchange={(event) => edit('say', event.currentTarget.value)}
                />
                <label>
                    ×
                    <input
                        class="count"
                        data-column="count"
                        value={piece.count}
                        inputmode="numeric"
                        size="2"
                        aria-label="{piece.called}: how many"
                        onfocus={onchoose}
                        onchange={(event) => edit('count', event.currentTarget.value)}
                    />
                </label>
            </span>
            <p id="{uid}-says" class:fault>
                {#if fault}
                    {fault}
                {:else}
                    <Measure text={piece.said ? piece.understood : piece.size} wraps />
                    <span class="soft">
                        {piece.off}{piece.alike.length > 1 ? `, ${piece.alike.length} of the same picture` : ''}{piece.said
                            ? ''
                            : ', a picture unless you say what it is'}
                    </span>
                {/if}
            </p>
            {#each piece.doubts as doubt (doubt)}<p class="doubt">{doubt}</p>{/each}
        {/if}
    </div>
    <Button also={piece.called} onclick={() => edit(piece.isDropped ? 'take' : 'drop', '')}
        >{piece.isDropped ? 'Put it back' : 'Remove it'}</Button
    >
</li>

<style>
    li {
        display: flex;
        gap: 0.75rem;
        align-items: center;
        padding: 0.375rem 0.5rem;
        border-bottom: 1px solid var(--line);
        border-left: 4px solid transparent;
        scroll-margin-block: 0.5rem 5rem;
    }

    li.isChosen {
        border-left-color: var(--here);
        background: var(--here-soft);
    }

    .look {
        flex: none;
        width: 4rem;
        height: 3.5rem;
        padding: 0;
        border: 0;
        background: none;
        cursor: pointer;
    }

    .look svg {
        width: 100%;
        height: 100%;
    }

    .isOff .look {
        opacity: 0.45;
    }

    .what {
        flex: 1;
        min-width: 0;
    }

    .said {
        display: flex;
        gap: 0.5rem;
    }

    .said > input {
        flex: 1;
        min-width: 0;
        font-weight: 600;
    }

    label {
        white-space: nowrap;
    }

    .count {
        width: 3rem;
        text-align: right;
    }

    p {
        font-size: var(--small);
    }

    .doubt {
        color: var(--kraft-ink);
        font-weight: 600;
    }

    .fault {
        color: var(--madder);
        font-weight: 600;
    }
</style>
