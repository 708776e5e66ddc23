<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import Check from '@lucide/svelte/icons/check'
    import Measure from '@/parts/Measure.svelte'
    import { kit } from '@/lib/kit'
    import type { CardActs } from './cardActs'
    import type { CardCut, FoldedPart, GuideLine, SketchedPart } from '@/lib/props'
    import Filling from './Filling.svelte'
    import Measures from './Measures.svelte'
    import Treatments from './Treatments.svelte'

    interface Props {
        /** The id of the card. */
        card: number
        parts: SketchedPart[]
        /** What is cut beside the parts of the sketch. */
        cuts: CardCut[]
        folded: FoldedPart[]
        guides: GuideLine[]
        inside: string
        acts: CardActs
    }

    /** The parts of the card that are cut, with their size, what they are taken from and their measures. */
    let { card, parts, cuts, folded, guides, inside, acts }: Props = $props()

    /** Everything in all kits and the stash that is large enough for a part. */
    const scrapsFor = (part: SketchedPart): string =>
        `${kit.frame.url}/keep/scraps?${new URLSearchParams({ find: `anything ${part.size}`, part: `${card}/${part.id}` })}`
</script>

<ul>
    {#each parts as part (part.id)}
        <li>
            <b class="size"><Measure text={part.size} /></b>
            <div>
                <p>
                    <b>{part.name}</b> <span class="soft">{part.shown} % stays visible</span>
                    {#if !part.isCut && !part.size.includes('≈')}<Link href={scrapsFor(part)}
                            >find a scrap<span class="sr-only"> for the {part.name}</span></Link
                        >{/if}
                </p>
                <Filling {part} {acts} />
                <div class="measures"><Measures {part} {acts} /></div>
                {#if part.good}<Treatments {part} {acts} />{/if}
                {#if part.spare}
                    <p class="soft">The middle <Measure text={part.spare} /> can be cut out and used: no one sees it.</p>
                {/if}
            </div>
        </li>
    {/each}
    {#each cuts as cut (cut.part)}
        <li>
            <b class="size"><Measure text={cut.size} /></b>
            <p>
                <b>{cut.part}</b>, {cut.from}{#if cut.score}, score at <Measure text={cut.score} />{/if}
                {#if cut.isCut}<Check size={15} aria-label="cut" />{/if}
            </p>
        </li>
    {/each}
    {#each folded as part (part.id)}
        <li>
            <b class="size"><Measure text={part.size} /></b>
            <p>
                <b>{part.name}</b>, {part.good ?? `${part.from}, still open`}
                {#if part.isCut}<Check size={15} aria-label="cut" />{/if}
                {#if part.note}<br /><span class="soft"><Measure text={part.note} wraps /></span>{/if}
            </p>
        </li>
    {/each}
</ul>
<p class="soft">Inside, a panel to write on: <Measure text={inside} />.</p>
{#if guides.length}
    <details>
        <summary>Guides: measured from, not cut</summary>
        {#each guides as guide (guide.id)}
            <div class="measures"><b>{guide.name}</b> <Measures part={guide} {acts} /></div>
        {/each}
    </details>
{/if}

<style>
    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        grid-template-columns: 7.75rem minmax(0, 1fr);
        align-items: baseline;
        gap: 0.75rem;
        padding: 0.375rem 0 0.5rem;
        border-bottom: 1px solid var(--line);
    }

    .measures {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem 0.625rem;
        padding-top: 0.375rem;
    }

    .size {
        font-size: 1.4rem;
        line-height: 1.2;
    }

    summary {
        min-height: var(--target);
        padding-top: 0.75rem;
        font-weight: 600;
        cursor: pointer;
    }

    @media (width < 48rem) {
        li {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
