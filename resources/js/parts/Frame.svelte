<script lang="ts">
    import { Link, page, router } from '@inertiajs/svelte'
    import Keyboard from '@lucide/svelte/icons/keyboard'
    import Moon from '@lucide/svelte/icons/moon'
    import Sun from '@lucide/svelte/icons/sun'
    import Undo2 from '@lucide/svelte/icons/undo-2'
    import type { Snippet } from 'svelte'
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'
    import type { KitFrame, UndoRedo } from '@/lib/props'
    import { keepFocus } from '@/lib/focus'
    import { press, useKeys } from '@/lib/keys.svelte'
    import { followOthers } from '@/lib/shared.svelte'
    import Announced from './Announced.svelte'
    import Button from './Button.svelte'
    import KeyHelp from './KeyHelp.svelte'
    import Measure from './Measure.svelte'
    import Places from './Places.svelte'
    import SubNav from './SubNav.svelte'

    /** The frame of every page: the kit, the stages, undo, theme, keys, and messages of the server. */
    let { title, shelf, children }: { title: string; shelf?: UndoRedo; children: Snippet } = $props()

    const frame = $derived(page.props['frame'] as KitFrame | null)
    const acts = $derived(frame?.acts ?? shelf ?? { undo: null, redo: null })
    /** How many acts were left out after one that was refused. */
    const leftUndone = $derived(
        sender.leftUndone === 0
            ? null
            : `${sender.leftUndone === 1 ? 'Your next action was' : `Your next ${sender.leftUndone} actions were`} not done either. Check the table and try again.`,
    )
    const refused = $derived([kit.errors['table'] ?? kit.errors['undo'], leftUndone].filter(Boolean).join(' '))
    const root = $derived(frame ? page.url.slice(frame.url.length + 1).split(/[/?]/)[0] : null)
    const current = $derived(frame?.stages.find((stage) => root && stage.roots.includes(root)))

    /** Without a kit: the places of all kits. */
    const OF_ALL_KITS = [
        { label: 'Shelf', url: '/' },
        { label: 'Cards made', url: '/cards' },
        { label: 'Who gets which', url: '/people' },
        { label: 'What kits gave', url: '/gave' },
        { label: 'Safe keeping', url: '/safe' },
        { label: 'Tablet', url: '/tablet' },
    ]

    /** A refusal that has been read is closed. */
    let read = $state('')
    $effect(() => {
        if (sender.isBusy) read = ''
    })

    let isEvening = $state(document.documentElement.dataset['theme'] === 'evening')
    let showsKeys = $state(false)
    let place = $state<HTMLElement>()

    followOthers()
    $effect(() => (place ? keepFocus(place) : undefined))

    function takeBack(act: 'undo' | 'redo'): void {
        if (acts[act] || sender.isBusy) sender.send(frame ? act : `/${act}`, {}, { keeps: false, when: () => acts[act] !== null })
    }

    function turnTheme(): void {
        isEvening = !isEvening
        const theme = isEvening ? 'evening' : 'light'
        document.documentElement.dataset['theme'] = theme
        document.cookie = `theme=${theme}; path=/; max-age=31536000; samesite=strict`
    }

    useKeys(() => [
        ...(frame?.stages ?? OF_ALL_KITS).map((stage, i) => ({
            key: String(i + 1),
            says: `Go to ${stage.label}`,
            run: () => router.visit(stage.url),
            leaves: true,
        })),
        { key: '0', says: 'Go to the shelf of kits', run: () => router.visit('/'), leaves: true },
        { key: 'z', shown: 'Z', says: 'Undo the last action', run: () => takeBack('undo') },
        { key: 'Z', shown: 'Shift Z', says: 'Redo it', run: () => takeBack('redo') },
        { key: 'e', shown: 'E', says: 'Evening or light', run: turnTheme },
        { key: '?', says: 'Show these keys', run: () => (showsKeys = true) },
    ])
</script>

<svelte:window onkeydown={press} />
<svelte:head><title>{title}{frame ? ` · ${frame.name}` : ''} · Keep Share</title></svelte:head>

<a class="skip" href="#page" onclick={(event) => (event.preventDefault(), place?.focus())}>Skip to the page</a>
<header>
    <Link href="/" class="kit">
        <svg viewBox="0 0 32 22" width="34" height="24" aria-hidden="true">
            <rect x="1" y="1" width="30" height="20" rx="1.5" fill="var(--kraft)" />
            <path d="M1 2l15 11L31 2" fill="none" stroke="var(--ink)" stroke-width="1.6" />
            <path d="M21 9v12" stroke="var(--here)" stroke-width="1.8" stroke-dasharray="2.5 2" />
        </svg>
        <span>
            <strong>{frame?.name ?? 'Keep Share'}</strong>
            <small><Measure text={frame?.about ?? 'a kit, shared out over cards'} /></small>
            {#if frame}<span class="sr-only">; back to the shelf</span>{/if}
        </span>
    </Link>
    <Places {current} others={OF_ALL_KITS} />
    <div class="tools">
        <Button disabled={!acts.undo} key="Z" title={acts.undo ? `Undo: ${acts.undo}` : 'Nothing to undo'} onclick={() => takeBack('undo')}
            ><Undo2 size={18} aria-hidden="true" /><span class="label">Undo</span>{#if acts.undo}<span class="sr-only">: {acts.undo}</span
                >{/if}</Button
        >
        <Button aria-pressed={isEvening} aria-label="Evening theme" title="Evening or light" onclick={turnTheme}>
            {#if isEvening}<Sun size={18} aria-hidden="true" />{:else}<Moon size={18} aria-hidden="true" />{/if}
        </Button>
        <Button aria-label="Show the keys" title="Keys" onclick={() => (showsKeys = true)}><Keyboard size={18} aria-hidden="true" /></Button
        >
    </div>
    <div class="busy" class:isBusy={sender.isBusy} aria-hidden="true"></div>
</header>

<main>
    {#if refused && refused !== read}
        <div class="refused">
            <p role="alert">{refused}</p>
            <button type="button" aria-label="Close" onclick={() => (read = refused)}>×</button>
        </div>
    {/if}
    <Announced />
    {#if current && current.pages.length > 1}<SubNav stage={current} />{/if}
    <!-- Where a page begins for keyboard users. It gets the focus when the element that had it is gone. -->
    <div class="page" id="page" bind:this={place} tabindex="-1" role="region" aria-label="{title}, the page">{@render children()}</div>
</main>

<KeyHelp bind:open={showsKeys} />

<style>
    header {
        position: relative;
        display: grid;
        grid-template-columns: minmax(13rem, auto) 1fr auto;
        align-items: stretch;
        gap: 1.5rem;
        height: 4rem;
        padding: 0 1.25rem;
        background: var(--table);
        border-bottom: 1px solid var(--line-strong);
    }

    header :global(.kit) {
        display: flex;
        align-items: center;
        gap: 0.75rem;
        color: var(--ink);
        text-decoration: none;
    }

    strong,
    small {
        display: block;
        line-height: 1.25;
        white-space: nowrap;
    }

    strong {
        font-size: 1.0625rem;
    }

    small {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .tools {
        display: flex;
        align-items: center;
        gap: 0.5rem;
    }

    @media (max-width: 1400px) {
        header {
            gap: 0.5rem;
        }
    }

    @media (max-width: 1150px) {
        .tools :global(.label) {
            position: absolute;
            overflow: hidden;
            width: 1px;
            height: 1px;
            clip-path: inset(50%);
        }

        .tools :global(kbd) {
            display: none;
        }
    }

    .busy {
        position: absolute;
        inset: auto 0 -1px;
        height: 3px;
        background: var(--here);
        opacity: 0;
        transform-origin: left;
    }

    .isBusy {
        opacity: 1;
        animation: grow 2s ease-out;
    }

    @keyframes grow {
        from {
            transform: scaleX(0);
        }
    }

    main {
        position: relative;
        display: flex;
        flex-direction: column;
        height: calc(100% - 4rem);
        background: var(--sheet);
    }

    .page {
        position: relative;
        flex: 1;
        min-height: 0;
        overflow: auto;
    }

    /* On a phone the places have a row of their own below the name. */
    @media (width < 760px) {
        header {
            grid-template-columns: minmax(0, 1fr) auto;
            row-gap: 0;
            height: 7.25rem;
            padding: 0 0.75rem;
        }

        header :global(.kit),
        header :global(.kit > span) {
            min-width: 0;
        }

        strong {
            overflow: hidden;
            text-overflow: ellipsis;
        }

        small {
            line-height: 1.15;
            white-space: normal;
        }

        main {
            height: calc(100% - 7.25rem);
        }
    }

    /* At four times the size, or on a phone lying down, there is room for one row: the stages. */
    @media (height < 30rem) {
        header {
            grid-template-columns: auto minmax(0, 1fr) auto;
            height: 3rem;
        }

        header :global(.kit > span) {
            position: absolute;
            overflow: hidden;
            width: 1px;
            height: 1px;
            clip-path: inset(50%);
        }

        header :global(.kit) {
            min-width: var(--least);
            justify-content: center;
        }

        main {
            height: calc(100% - 3rem);
        }
    }

    .page:focus {
        outline: none;
    }

    .skip {
        position: absolute;
        z-index: 10;
        padding: 0.75rem 1rem;
        background: var(--sheet);
    }

    .skip:not(:focus) {
        clip-path: inset(50%);
    }

    /* It lies over the page, so that nothing jumps when it comes and goes. */
    @media print {
        header {
            display: none;
        }

        main,
        .page {
            display: block;
            height: auto;
        }
    }

    .refused {
        position: absolute;
        z-index: 7;
        top: 0.25rem;
        right: 0.75rem;
        display: flex;
        align-items: center;
        gap: 0.75rem;
        max-width: min(46rem, calc(100vw - 1.5rem));
        padding: 0 0 0 1rem;
        border: 2px solid var(--madder);
        border-radius: var(--radius);
        background: var(--madder-soft);
        box-shadow: var(--shadow);
        color: var(--madder);
        font-weight: 600;
    }

    .refused button {
        flex: none;
        width: var(--target);
        height: var(--target);
        border: 0;
        background: none;
        font-size: 1.25rem;
        cursor: pointer;
    }
</style>
