<script lang="ts">
    import { Link } from '@inertiajs/svelte'
    import { untrack } from 'svelte'
    import Button from '@/parts/Button.svelte'
    import Frame from '@/parts/Frame.svelte'
    import SurfaceDefs from '@/parts/SurfaceDefs.svelte'
    import Swatch from '@/parts/Swatch.svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { LooksPage } from '@/lib/props'

    let { good, component, face, motifs, proposal }: LooksPage = $props()

    const MOST_BYTES = 8_000_000
    const errors = $derived(kit.errors)
    const path = $derived(`looks/${component}`)
    const shown = $derived(good.faces[face])
    let files = $state<FileList>()
    let tooLarge = $state('')
    let typed = $state(untrack(() => start()))

    function start() {
        const now = good.faces[face]
        return {
            name: now?.name ?? '',
            motif: now?.motif ?? 'solid',
            colours: proposal ? proposal.colours.slice(0, 6).map(({ hex }) => hex) : [...(now?.colours ?? [])],
            busy: proposal?.busy ?? now?.busy ?? false,
            directional: now?.directional ?? false,
            as_swatch: proposal !== null,
        }
    }

    $effect(() => {
        void [face, proposal?.token]
        untrack(() => (typed = start()))
    })

    function read(event: SubmitEvent): void {
        event.preventDefault()
        const photo = files?.[0]
        tooLarge = photo && photo.size > MOST_BYTES ? 'The picture is larger than 8 MB.' : ''
        if (!tooLarge) sender.send(`${path}/photo`, { photo: photo ?? null, face })
    }

    function keep(drop = false): void {
        sender.send(path, () => ({ ...typed, face, token: proposal?.token ?? '', drop_photo: drop }), { keeps: 'errors' })
    }
</script>

<Frame title="Looks of {good.name}">
    <SurfaceDefs goods={{ [good.id]: good }} />
    <div class="abreast">
        <section>
            <h1>{good.name}</h1>
            <div class="faces">
                {#each good.faces as one, i (i)}
                    <Link href="{kit.frame.url}/{path}?face={i}" aria-current={i === face ? 'true' : undefined}>
                        <Swatch component={good.id} index={i} face={one} width={60} height={44} />
                        {one.name}
                    </Link>
                {/each}
            </div>
            <form onsubmit={read} novalidate>
                <label for="photo">A photograph of this face, lying flat in daylight (JPEG, PNG or WebP, up to 8 MB)</label>
                <input
                    id="photo"
                    type="file"
                    accept="image/jpeg,image/png,image/webp"
                    bind:files
                    aria-invalid={!!(tooLarge || errors['photo'])}
                    aria-describedby={tooLarge || errors['photo'] ? 'photo-fault' : undefined}
                />
                {#if tooLarge || errors['photo']}<p id="photo-fault" class="fault" role="alert">{tooLarge || errors['photo']}</p>{/if}
                <Button type="submit">Read its looks</Button>
            </form>
            {#if proposal}
                <div class="read" role="status">
                    <img src={proposal.picture} alt="The photograph, made small" />
                    <div>
                        <p><b>{proposal.busyness}</b> of 100 for busyness: {proposal.busy ? 'busy' : 'calm'}.</p>
                        <ul>
                            {#each proposal.colours as share (share.hex)}
                                <li>
                                    <svg width="28" height="20" aria-hidden="true"><rect width="28" height="20" fill={share.hex} /></svg>
                                    {share.hex}, {share.percent} %
                                </li>
                            {/each}
                        </ul>
                        <p class="soft">Proposed on the right. Change there what the light got wrong.</p>
                    </div>
                </div>
            {/if}
        </section>
        <aside aria-label="Looks of {shown?.name}">
            <h2>Looks of this face</h2>
            <label for="face-name">Name</label>
            <input id="face-name" bind:value={typed.name} aria-invalid={!!errors['name']} />
            {#if errors['name']}<p class="fault" role="alert">{errors['name']}</p>{/if}
            <label for="face-motif">Motif</label>
            <select id="face-motif" bind:value={typed.motif}>
                {#each motifs as motif (motif)}<option>{motif}</option>{/each}
            </select>
            <fieldset>
                <legend>Colours, the background first</legend>
                {#each typed.colours as colour, i (i)}
                    <span class="colour">
                        <input
                            type="color"
                            value={colour}
                            aria-label="Colour {i + 1}"
                            oninput={(event) => (typed.colours[i] = event.currentTarget.value)}
                        />
                        {#if typed.colours.length > 1}
                            <Button also="Leave colour {i + 1} out" onclick={() => typed.colours.splice(i, 1)}
                                ><span aria-hidden="true">×</span></Button
                            >
                        {/if}
                    </span>
                {/each}
                {#if typed.colours.length < 6}<Button onclick={() => typed.colours.push('#888888')}>One more</Button>{/if}
            </fieldset>
            <label class="tick"><input type="checkbox" bind:checked={typed.busy} /> busy: a focal point does not show on it</label>
            <label class="tick"><input type="checkbox" bind:checked={typed.directional} /> is directional</label>
            {#if proposal}<label class="tick"><input type="checkbox" bind:checked={typed.as_swatch} /> draw it from the photograph</label
                >{/if}
            <div class="acts">
                <Button main onclick={() => keep()}>Save these looks</Button>
                {#if shown?.photo && !proposal}<Button onclick={() => keep(true)}>Draw it from its motif again</Button>{/if}
            </div>
        </aside>
    </div>
</Frame>

<style>
    h1,
    h2 {
        margin-bottom: 0.75rem;
    }

    .faces {
        display: flex;
        flex-wrap: wrap;
        gap: 1rem;
        margin-bottom: 1.5rem;
    }

    .faces :global(a) {
        display: grid;
        gap: 0.25rem;
        padding: 0.5rem;
        border-radius: var(--radius);
        color: var(--ink);
        font-weight: 600;
        text-decoration: none;
    }

    .faces :global(a[aria-current]) {
        background: var(--here-soft);
        box-shadow: inset 0 0 0 2px var(--here);
    }

    form {
        display: grid;
        justify-items: start;
        gap: 0.5rem;
    }

    label,
    legend {
        font-weight: 600;
    }

    input:not([type='checkbox'], [type='color']),
    select {
        width: 100%;
    }

    input[type='color'] {
        width: 3.25rem;
        height: var(--target);
        padding: 2px;
        border: 1px solid var(--line-strong);
        border-radius: var(--radius);
        background: var(--sheet);
    }

    .read {
        display: flex;
        flex-wrap: wrap;
        gap: 1.25rem;
        margin-top: 1.25rem;
        padding: 1rem;
        background: var(--here-soft);
        border-radius: var(--radius);
    }

    img {
        max-width: 14rem;
        max-height: 14rem;
        border-radius: 2px;
    }

    ul {
        margin: 0.5rem 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: flex;
        align-items: center;
        gap: 0.5rem;
    }

    aside {
        display: grid;
        align-content: start;
        gap: 0.5rem;
        padding: 1.25rem 1.5rem;
        background: var(--rail);
        border-radius: var(--radius);
    }

    fieldset {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem 0.75rem;
        margin: 0.25rem 0;
        padding: 0;
        border: 0;
    }

    .colour {
        display: flex;
    }

    .tick {
        display: flex;
        align-items: center;
        gap: 0.5rem;
        min-height: var(--target);
        font-weight: 400;
    }

    .acts {
        display: flex;
        gap: 0.5rem;
    }
</style>
