import { page, router } from '@inertiajs/svelte'
import { lookOn, sender } from './send.svelte'

/** Well below a second, so that what is done on one device is seen on the others within one. */
const OFTEN = 400

/** A page follows what is done elsewhere: in other tabs of this browser, and on other devices while they are let in. */
export function followOthers(): void {
    followTabs()
    followDevices()
}

/** Tabs tell one another of every act; one that is out of sight looks as soon as it is seen again. */
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
            // An act of this page has brought it up to date; what came of another tab meanwhile is looked at now.
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
