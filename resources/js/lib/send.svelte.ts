import { page, router } from '@inertiajs/svelte'
import type { KitFrame } from './types'

type Data = Record<string, string | number | boolean | null | Record<string, string>>

export interface Sender {
    /** Where in the page the last refusal belongs. */
    readonly at: string
    send: (path: string, data: Data, at?: string) => void
}

/** Visits that the maker started and that are not over; what waits for them goes by the revision they leave. */
let underWay = 0
const waitingForAll: (() => void)[] = []
router.on('start', ({ detail: { visit } }) => {
    underWay += visit.showProgress ? 1 : 0
})
router.on('finish', ({ detail: { visit } }) => {
    if (!visit.showProgress) return
    underWay--
    // The page has its new props only after this event.
    setTimeout(() => waitingForAll.splice(0).forEach((go) => go()))
})

/** Runs once nothing the maker started is under way any more: what is asked then is answered of the table as it is. */
export function afterActs(run: () => void): void {
    if (underWay > 0) waitingForAll.push(() => afterActs(run))
    else run()
}

/** Sends acts on the kit one after the other, each from the revision the one before it made. */
export function useSender(): Sender {
    const waiting: { path: string; data: Data; at: string }[] = []
    let isBusy = false
    let at = $state('')

    function next(): void {
        if (isBusy) return
        if (underWay > 0) {
            afterActs(next)
            return
        }
        const act = waiting.shift()
        if (!act) return
        isBusy = true
        at = act.at
        const frame = page.props['frame'] as KitFrame
        router.post(
            `${frame.url}/${act.path}`,
            { ...act.data, revision: frame.revision },
            {
                preserveState: true,
                preserveScroll: true,
                onFinish: () => {
                    isBusy = false
                    next()
                },
            },
        )
    }

    return {
        get at() {
            return at
        },
        send: (path, data, place = path) => {
            waiting.push({ path, data, at: place })
            next()
        },
    }
}
