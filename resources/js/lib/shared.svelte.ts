import { page, router } from '@inertiajs/svelte'
import { lookOn, sender } from './send.svelte'

/** Well below a second, so that other devices see a change within one. */
const OFTEN = 400

/** A page follows what is done elsewhere: in other tabs, and on other devices while they are let in. */
export function followOthers(): void {
    followTabs()
    followDevices()
}

/** Tabs tell each other of every act. A hidden tab looks when it is shown again. */
function followTabs(): void {
    $effect(() => {
        const tabs = new BroadcastChannel('table')
        let isOld = false
        const catchUp = (): void => {
            if (!isOld || document.hidden || sender.isBusy) return
            isOld = false
            lookOn({ except: ['errors'] })
        }
        tabs.onmessage = () => {
            isOld = true
            catchUp()
        }
        document.addEventListener('visibilitychange', catchUp)
        const off = router.on('finish', ({ detail: { visit } }) => {
            if (visit.method !== 'get' && visit.completed) tabs.postMessage('done')
            // An act has brought this page up to date. Changes of other tabs meanwhile are fetched now.
            setTimeout(catchUp)
        })
        return () => {
            off()
            document.removeEventListener('visibilitychange', catchUp)
            tabs.close()
        }
    })
}

function followDevices(): void {
    const shown = $derived(page.props['shared'] as string | null)
    $effect(() => {
        const known = shown
        if (known === null) return
        let isAsking = false
        const timer = setInterval(async () => {
            if (document.hidden || isAsking || sender.isBusy) return
            isAsking = true
            const { now } = await fetch('/now', { headers: { Accept: 'application/json' } })
                .then((answer) => answer.json() as Promise<{ now: string }>)
                .catch(() => ({ now: known }))
            isAsking = false
            if (now !== known && !sender.isBusy) lookOn({ except: ['errors'] })
        }, OFTEN)
        return () => clearInterval(timer)
    })
}
