<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import type { FaceOnPhoto } from '@/lib/props'

    interface Props {
        face: FaceOnPhoto
        paper: number
        edit: (what: string, on: number, more?: Record<string, string | number>) => void
        oncorners: () => void
    }

    /** A face of a paper as it was photographed, straightened. */
    let { face, paper, edit, oncorners }: Props = $props()

    const about = $derived(`paper ${paper}, ${face.side}`)
</script>

<div class="face" role="group" aria-label={about}>
    <img src={face.picture} alt="{about}, squared up" />
    <input
        value={face.said}
        placeholder={face.side}
        maxlength="100"
        size="12"
        autocomplete="off"
        aria-label="Name of {about}"
        onchange={(event) => edit('say', face.n, { text: event.currentTarget.value })}
    />
    <svg viewBox="0 0 60 10" aria-hidden="true">
        {#each face.colours.slice(0, 6) as colour, i (i)}<rect x={10 * i} width="10" height="10" fill={colour} />{/each}
    </svg>
    {#if !face.isFound}<p class="doubt">Its corners were not found. Move them onto the corners of the sheet.</p>{/if}
    <label><input type="checkbox" checked={face.busy} onchange={() => edit('busy', face.n)} /> busy</label>
    <label><input type="checkbox" checked={face.up} onchange={() => edit('up', face.n)} /> is directional</label>
    <span class="acts">
        <Button also="{about}: earlier" onclick={() => edit('move', face.n, { by: -1 })}><span aria-hidden="true">←</span></Button>
        <Button also="{about}: later" onclick={() => edit('move', face.n, { by: 1 })}><span aria-hidden="true">→</span></Button>
        <Button also=": {about}" onclick={oncorners}>Corners</Button>
        <Button also=": {about}" onclick={() => edit('drop', face.n)}>Remove it</Button>
    </span>
</div>

<style>
    .face {
        display: grid;
        gap: 0.25rem;
        flex: 1 1 10rem;
    }

    img {
        width: 100%;
        max-height: 12rem;
        object-fit: contain;
        object-position: left;
    }

    svg {
        width: 6rem;
        height: 1rem;
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 0.25rem;
    }

    .doubt {
        color: var(--kraft-ink);
        font-size: var(--small);
        font-weight: 600;
    }
</style>
