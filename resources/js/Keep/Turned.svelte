<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Measure from '@/parts/Measure.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { TurnedTray } from '@/lib/props'
    import ScrapDrawing from './ScrapDrawing.svelte'

    interface Props {
        turned: TurnedTray
        /** With the ids of some scraps, or none for all of them. */
        ontake: (scraps: string[]) => void
        onleave: () => void
    }

    /** What the whole tray could become, beside what is there. It is taken as a whole or scrap by scrap. */
    let { turned, ontake, onleave }: Props = $props()

    let chosen = $state<string[]>([])
    const turn = (id: string): void => {
        chosen = chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]
    }
</script>

{#if turned.isLooking}
    <h1>Looking at the whole tray…</h1>
    <p role="status">{turned.soFar ? `${turned.soFar} bonus cards so far.` : 'Trying all scraps together.'}</p>
    <Button onclick={() => sender.send('keep/turn/stop', {})}>Stop and keep the best so far</Button>
{:else}
    <h1>The whole tray at once</h1>
    <p>{turned.says} {turned.left} % of the scraps would be left over. Nothing better was found.</p>
    {#if turned.scraps.length}
        <div class="acts">
            <Button main key="Enter" disabled={sender.isBusy} onclick={() => ontake(chosen)}>
                {chosen.length ? `Turn these ${chosen.length}` : `Turn all ${turned.scraps.length}`}
            </Button>
            <Button key="Esc" onclick={onleave}>Cancel</Button>
        </div>
        <ul>
            {#each turned.scraps as one (one.scrap.id)}
                <li>
                    <label>
                        <input type="checkbox" checked={chosen.includes(one.scrap.id)} onchange={() => turn(one.scrap.id)} />
                        <span>{one.scrap.from}, <Measure text={one.scrap.measure} /></span>
                    </label>
                    <ScrapDrawing scrap={one.scrap} plan={one.plan} side={150} />
                    <small><Measure text={one.says} wraps /></small>
                </li>
            {/each}
        </ul>
    {:else}
        <p>No scrap would be more useful if it were cut into parts.</p>
        <Button key="Esc" onclick={onleave}>Back to the tray</Button>
    {/if}
{/if}

<style>
    .acts {
        display: flex;
        gap: 0.5rem;
        margin: 0.5rem 0 1rem;
    }

    ul {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
        gap: 1.25rem 1rem;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        align-content: start;
        gap: 0.375rem;
        font-size: var(--small);
    }

    label {
        display: flex;
        align-items: center;
        gap: 0.5rem;
        min-height: var(--target);
        font-weight: 600;
        cursor: pointer;
    }

    input {
        width: 1.25rem;
        height: 1.25rem;
        accent-color: var(--here);
    }
</style>
