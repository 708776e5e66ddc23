import { page } from '@inertiajs/svelte'
import { lookOn, sender } from './send.svelte'

/** Well below a second, so that what is done on one device is seen on the others within one. */
const OFTEN = 400

/** While other devices are let in to the table, a page that is in sight follows what they do. */
export function followOthers(): void {
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
