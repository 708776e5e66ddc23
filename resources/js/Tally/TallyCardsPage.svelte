<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Files from '@/parts/Files.svelte'
    import Frame from '@/parts/Frame.svelte'
    import ReadFile from '@/parts/ReadFile.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import Remembered from './Remembered.svelte'
    import { kit } from '@/lib/kit'
    import type { TallyCardsPage } from '@/lib/props'

    let { cards, days, people, goods }: TallyCardsPage = $props()
</script>

<Frame title="The cards">
    <SurfaceDefs {goods} />
    {#if cards.length === 0}
        <Empty title="No cards to remember yet">
            <p>
                Share the kit out first. Then you can note here how each card turned out: a photograph, stars, what went wrong, who has it.
            </p>
            <Button main href="{kit.frame.url}/share-out">Go to Share out</Button>
        </Empty>
    {:else}
        <div class="place">
            <h1>How they turned out</h1>
            <p class="soft">
                Each field is saved when you leave it. <Link href="/cards">The cards of all kits</Link> and <Link href="/people"
                    >who gets which</Link
                > have pages of their own.
            </p>
            <p class="files"><Files at="cards" of={kit.frame.url} /></p>
            <details>
                <summary>Read a record again</summary>
                <ReadFile path="tally/record" field="record_file" label="A record of these cards (JSON)" accept=".json,application/json" />
            </details>
            <datalist id="people-names"
                >{#each people as name (name)}<option value={name}></option>{/each}</datalist
            >
            <ul>
                {#each cards as card (card.id)}<Remembered {card} {days} {goods} />{/each}
            </ul>
        </div>
    {/if}
</Frame>

<style>
    .place {
        max-width: 64rem;
        padding: 1.25rem 1.5rem 3rem;
    }

    .files {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem;
        margin-top: 0.75rem;
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }
</style>
