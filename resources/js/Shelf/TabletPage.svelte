<script lang="ts">
    import { create } from 'qrcode'
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { TabletPage } from '@/lib/props'

    /** Another device at the table. Its code is drawn here and nowhere else. */
    let { address, code, patience, guests, closed, shelf }: TabletPage = $props()

    /** The code is sent once. It stays here until it is used. */
    let shown = $state<{ code: string; before: number } | null>(null)
    $effect.pre(() => {
        if (code !== null && shown?.code !== code) shown = { code, before: guests }
    })
    const open = $derived(shown !== null && guests <= shown.before ? shown.code : null)
    const link = $derived(open === null ? null : `${address}/in/${open}`)
    const grid = $derived(link === null ? null : create(link, { errorCorrectionLevel: 'M' }).modules)
    const squares = $derived.by(() => {
        if (grid === null) return ''
        const row = (y: number): string =>
            Array.from({ length: grid.size }, (_, x) => (grid.get(x, y) ? `M${x} ${y}h1v1h-1z` : '')).join('')
        return Array.from({ length: grid.size }, (_, y) => row(y)).join('')
    })

    poll(['guests', 'closed'], () => open !== null)

    const show = (): void => sender.send('/tablet/code')
    const close = (): void => {
        shown = null
        sender.send('/tablet/close')
    }

    useKeys(() =>
        address === null
            ? []
            : [
                  { key: 'n', shown: 'N', says: 'Show a code for one more device', run: show },
                  { key: 'x', shown: 'X', says: 'Close the table to all other devices', run: close },
              ],
    )
</script>

<Frame title="Tablet" {shelf}>
    {#if address === null}
        <Empty title="Only this machine can open the table">
            <p>
                To have it on a tablet beside the trimmer, end Keep Share and start it again with <code>bin/demo --table</code>. Other
                devices on the local network can then open it, with a code that is shown here.
            </p>
        </Empty>
    {:else}
        <div class="abreast">
            <section aria-labelledby="door-title">
                <h1 id="door-title">The table on another device</h1>
                {#if grid && link}
                    <svg viewBox="-4 -4 {grid.size + 8} {grid.size + 8}" role="img" aria-label="The code to scan: {link}">
                        <rect class="ground" x="-4" y="-4" width={grid.size + 8} height={grid.size + 8} /><path d={squares} />
                    </svg>
                    <p>Scan the code, or open <b>{link}</b></p>
                    <p class="soft">It lets one device in, once, within {patience} minutes.</p>
                {:else}
                    <p>
                        A tablet or a phone on the same network is let in by a code shown here. What is done on one is seen on the others
                        within a second.
                    </p>
                {/if}
                {#if closed > 0}
                    <p role="status">
                        Too many wrong codes were tried. Nobody is let in for {closed}
                        {closed === 1 ? 'minute' : 'minutes'}. Then show another code.
                    </p>
                {/if}
                <p class="acts">
                    <Button main={!open} key="N" disabled={sender.isBusy} onclick={show}>{open ? 'Another code' : 'Show a code'}</Button>
                </p>
            </section>
            <aside aria-labelledby="guests-title">
                <h2 id="guests-title">Let in</h2>
                <p role="status">{guests === 0 ? 'No other device.' : guests === 1 ? 'One other device.' : `${guests} other devices.`}</p>
                <Button key="X" disabled={sender.isBusy || (guests === 0 && !open)} onclick={close}>Close the table to them</Button>
                <p class="soft">
                    A device that is let in can do everything except let others in. The connection is not encrypted. Use it on a network of
                    your own.
                </p>
            </aside>
        </div>
    {/if}
</Frame>

<style>
    h1,
    h2 {
        margin-bottom: 0.75rem;
    }

    svg {
        display: block;
        width: min(22rem, 100%);
        margin-bottom: 0.75rem;
        border: 1px solid var(--line-strong);
        shape-rendering: crispedges;
    }

    path {
        fill: var(--drawn-ink);
    }

    .ground {
        fill: var(--drawn-paper);
    }

    b {
        overflow-wrap: anywhere;
    }

    p {
        max-width: 40rem;
        margin-block: 0.5rem;
    }
</style>
