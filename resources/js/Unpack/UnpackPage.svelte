<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import ArrowUp from '@lucide/svelte/icons/arrow-up'
    import Frame from '@/parts/Frame.svelte'
    import Measure from '@/parts/Measure.svelte'
    import Silhouette from '@/parts/Silhouette.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import Swatch from '@/parts/Swatch.svelte'
    import { kit } from '@/lib/kit'
    import { count, mm } from '@/lib/format'
    import type { Good, UnpackedLine, UnpackPage } from '@/lib/props'

    let { groups, counted, goods }: UnpackPage = $props()

    const frame = $derived(kit.frame)
    const lines = $derived(groups.flatMap((group) => group.lines))
    const differing = $derived(lines.filter((line) => line.differs))
    const good = (line: UnpackedLine): Good => goods[line.id] as Good
    /** How much of a paper is shown, in millimetres. */
    const piece = $derived(
        frame.unit === 'in' ? { width: 34.9, height: 25.4, says: '1 3/8 × 1 in' } : { width: 35, height: 25, says: '35 × 25 mm' },
    )
    /** A picture of the thing at its real size. Only things with an outline are drawn. */
    const drawn = (line: UnpackedLine): boolean => good(line).shape !== null && good(line).size !== null
</script>

<Frame title="Unpack">
    <h1 class="sr-only">Unpack</h1>
    <SurfaceDefs {goods} />
    <div class="place">
        <p class="answer">
            {#if lines.length === 0}
                <strong>Nothing is on the list yet.</strong>
                <Link href="{frame.url}/add">Write its lines, or paste the packing list</Link>.
            {:else if differing.length === 0 && counted < lines.length}
                <strong>{counted === 0 ? 'Nothing has been counted yet' : `${counted} of ${count(lines.length, 'line')} counted`}:</strong>
                the rest is taken as it is listed. <Link href="{frame.url}/count">Count what came</Link>.
            {:else if differing.length === 0}
                <strong>Everything on the list is on the table.</strong>
            {:else}
                <strong>{differing.length === 1 ? 'One line differs' : `${differing.length} lines differ`} from the packing list:</strong>
                {differing.map((line) => `${good(line).name}, ${line.here} of ${line.listed}`).join('; ')}.
            {/if}
            {#if lines.length}
                <span
                    >Each paper shows <Measure text={piece.says} /> of its print. Each die cut is drawn whole, at about its real size.</span
                >
            {/if}
        </p>
        {#each groups as group (group.title)}
            <section aria-labelledby="group-{group.title}">
                <h2 id="group-{group.title}">{group.title} <small>{group.lines.length}</small></h2>
                <ul class:papers={group.lines.some((line) => good(line).faces.length > 0)} class:pieces={group.lines.some(drawn)}>
                    {#each group.lines as line (line.id)}
                        <li data-component={good(line).name} class:differs={line.differs}>
                            {#if good(line).faces.length}
                                <div class="faces">
                                    {#each good(line).faces as face, i (i)}
                                        <figure>
                                            {#if good(line).kind === 'cardstock'}
                                                <Swatch component={line.id} index={i} {face} width={34} height={14} />
                                            {:else}
                                                <Link
                                                    href="{frame.url}/looks/{line.id.slice(1)}?face={i}"
                                                    aria-label="Looks of {face.name}"
                                                >
                                                    <Swatch
                                                        component={line.id}
                                                        index={i}
                                                        {face}
                                                        width={piece.width}
                                                        height={piece.height}
                                                    />
                                                </Link>
                                            {/if}
                                            {#if good(line).kind !== 'cardstock'}
                                                <figcaption>
                                                    {face.name}
                                                    <span>{face.busy ? 'busy' : 'calm'}</span>
                                                    {#if face.directional}<ArrowUp size={13} aria-label="is directional" />{/if}
                                                </figcaption>
                                            {/if}
                                        </figure>
                                    {/each}
                                </div>
                            {:else if drawn(line)}
                                {@const size = good(line).size ?? { width: 1, height: 1 }}
                                <svg
                                    width="{mm(size.width)}mm"
                                    height="{mm(size.height)}mm"
                                    viewBox="0 0 {mm(size.width)} {mm(size.height)}"
                                    aria-hidden="true"
                                >
                                    <Silhouette good={good(line)} width={mm(size.width)} height={mm(size.height)} />
                                </svg>
                            {:else if good(line).colours.length}
                                <svg class="chip" width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
                                    <circle cx="11" cy="11" r="10" fill={good(line).colours[0]} />
                                </svg>
                            {/if}
                            <p>
                                <strong>{good(line).name}</strong>
                                {#if good(line).finish && good(line).finish !== 'plain'}<span class="soft">{good(line).finish}</span>{/if}
                                {#if line.size}<span class="soft"><Measure text={line.size} /></span>{/if}
                                {#if line.occasions.length}<span class="soft">for {line.occasions.join(', ')}</span>{/if}
                            </p>
                            <p class="count">
                                {#if line.differs}
                                    <b>{line.here}</b> here of {line.listed}
                                {:else}
                                    <b>{line.here}</b>
                                {/if}
                            </p>
                        </li>
                    {/each}
                </ul>
            </section>
        {/each}
    </div>
</Frame>

<style>
    .place {
        padding: 1.25rem 1.5rem 3rem;
    }

    .answer {
        display: flex;
        flex-wrap: wrap;
        gap: 0.25rem 0.5rem;
        margin-bottom: 0.5rem;
        font-size: var(--large);
    }

    .answer span {
        margin-left: auto;
        color: var(--ink-soft);
        font-size: var(--body);
    }

    h2 {
        margin: 1.5rem 0 0.75rem;
        padding-bottom: 0.375rem;
        border-bottom: 1px solid var(--line);
    }

    small,
    .soft {
        color: var(--ink-soft);
        font-weight: 400;
    }

    ul {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(13.5rem, 100%), 1fr));
        gap: 0.75rem 1.25rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    .papers {
        grid-template-columns: repeat(auto-fill, minmax(min(18rem, 100%), 1fr));
    }

    /* Of thousands of lines those out of view are laid out when they are scrolled to. */
    li {
        display: flex;
        align-items: center;
        gap: 0.75rem;
        min-height: var(--target);
        padding: 0.5rem;
        border-radius: var(--radius);
        content-visibility: auto;
        contain-intrinsic-size: auto 4rem;
    }

    @media print {
        li {
            content-visibility: visible;
        }
    }

    .papers li {
        display: grid;
        grid-template-columns: 1fr auto;
        align-content: start;
    }

    .pieces {
        display: flex;
        flex-wrap: wrap;
        align-items: stretch;
        gap: 0.75rem;
    }

    .pieces li:not(.differs) {
        background: var(--rail);
    }

    .pieces li {
        display: grid;
        grid-template-columns: 1fr auto;
        align-content: end;
        min-width: 11rem;
    }

    .pieces svg {
        grid-column: 1 / -1;
        margin: auto;
    }

    .differs {
        background: repeating-linear-gradient(135deg, var(--madder-soft) 0 6px, transparent 6px 12px);
        box-shadow: inset 0 0 0 1.5px var(--madder);
    }

    .faces {
        display: flex;
        grid-column: 1 / -1;
        gap: 0.5rem;
    }

    figure {
        margin: 0;
    }

    figcaption {
        display: flex;
        align-items: center;
        gap: 0.375rem;
        padding-top: 0.25rem;
        font-size: var(--small);
    }

    figcaption span {
        color: var(--ink-soft);
    }

    svg {
        flex: none;
        max-width: 100%;
        overflow: visible;
    }

    .chip circle {
        stroke: var(--paper-edge);
    }

    li p span,
    li p strong {
        display: block;
        font-size: var(--body);
        line-height: 1.3;
    }

    .papers li p span,
    .papers li p strong {
        display: inline;
    }

    .count {
        margin-left: auto;
        white-space: nowrap;
        text-align: right;
    }

    .count b {
        font-size: var(--large);
    }

    .differs .count {
        color: var(--madder);
        font-weight: 600;
    }

    /* Both faces are side by side, unless there is no room at all. */
    @media (width < 24rem) {
        .faces {
            flex-wrap: wrap;
        }
    }
</style>
