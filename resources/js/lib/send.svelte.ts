import { page, router } from '@inertiajs/svelte'
import { say } from './say.svelte'
import type { KitFrame } from './props'

type Value = string | number | boolean | null | File | Value[] | { [name: string]: Value }
export type Data = Record<string, Value>
type Faults = Record<string, string>
type Stop = { cancel: () => void }

export interface How {
    /** Where in the page a refusal belongs. */
    at?: string
    /** Whether what is typed stays on the page: always, or only where it is refused. */
    keeps?: boolean | 'errors'
    /** It says by itself what it was meant for, and is done even where the act before it is refused. */
    standsAlone?: boolean
    method?: 'post' | 'delete'
    /** What of the page can wait: the answer comes without, and sooner; it is asked for once there is nothing else to do. */
    later?: string[]
    /** Asked when its turn has come; where not, it is left out without a word. */
    when?: () => boolean
    done?: () => void
    refused?: (faults: Faults) => void
}

/** What may have to wait is worked out when its turn has come. */
type Later<T> = T | (() => T)

type Act = Required<Pick<How, 'at' | 'keeps' | 'method'>> & How & { path: Later<string>; data: Later<Data> }

const now = <T extends string | Data>(later: Later<T>): T => (typeof later === 'function' ? later() : later)

const waiting: Act[] = []
const waitingForAll: (() => void)[] = []
let current: Act | null = null
/** Visits that the maker started and that are not over; what waits for them goes by the revision they leave. */
let underWay = $state(0)
let at = $state('')
let leftUndone = $state(0)

/** What the page asks for by itself, while it is on its way. */
let asked: Stop[] = []

/** What of a page is still as it was before the last act. */
let owed: string[] = []
let owedOn = ''

router.on('start', ({ detail: { visit } }) => {
    if (!visit.showProgress) return
    underWay++
    asked.forEach((one) => one.cancel())
})
router.on('finish', ({ detail: { visit } }) => {
    if (!visit.showProgress) return
    // The page has its new props only after this event; what is asked before goes by the revision that is gone.
    setTimeout(() => {
        underWay--
        waitingForAll.splice(0).forEach((go) => go())
        next()
        askForOwed()
    })
})

// What is no page, such as a fault, would be shown in a frame that the content security policy refuses: it is said instead.
router.on('httpException', (event) => {
    event.preventDefault()
    say(`That could not be done: the table answered ${event.detail.response.status}. Nothing was changed; reload the page and try again.`)
})
router.on('networkError', (event) => {
    event.preventDefault()
    say('The table does not answer. Look whether Keep Share still runs, and try again.')
})

/** Runs once nothing the maker started is under way any more: what is asked then is answered of the table as it is. */
export function afterActs(run: () => void): void {
    if (underWay > 0) waitingForAll.push(() => afterActs(run))
    else run()
}

/** Sent with whatever a page asks for by itself, so that it carries off nothing that another tab is to be told. */
export const LOOKING_ON = { 'X-Looking-On': 'yes' }

/**
 * Asks for what a page shows without the maker having done anything; what was refused stays to be read.
 *
 * It gives way to whatever the maker does: an answer from before an act would bring back the table as it was, and the answer
 * to the act brings all of the page anyway.
 */
export function lookOn(what: { only?: string[]; except?: string[] }): void {
    if (underWay > 0) return
    let stop: Stop | null = null
    router.reload({
        ...what,
        showProgress: false,
        preserveErrors: true,
        headers: LOOKING_ON,
        onCancelToken: (own) => asked.push((stop = own)),
        onSuccess: () => (owed = owed.filter((prop) => !what.only?.includes(prop))),
        onFinish: () => (asked = asked.filter((one) => one !== stop)),
    })
}

/** Once nothing waits any more; where the maker is quicker, after the next act. */
function askForOwed(): void {
    if (owedOn !== page.component) owed = []
    if (owed.length > 0 && !current && underWay === 0) lookOn({ only: owed })
}

/** Shows something else of the page, under an address of its own; nothing is done by it, and the last look counts. */
export function look(path: string, data: Record<string, string>, only: string[]): void {
    if (underWay > 0) return
    router.visit(path.startsWith('/') ? path : `${frame()?.url ?? ''}/${path}`, {
        data,
        only,
        replace: true,
        preserveState: true,
        preserveScroll: true,
        showProgress: false,
        headers: LOOKING_ON,
    })
}

const frame = (): KitFrame | null => (page.props['frame'] ?? null) as KitFrame | null

function next(): void {
    if (current || underWay > 0) return
    const act = waiting.shift()
    if (!act) return
    if (act.when?.() === false) return next()
    current = act
    at = act.at
    leftUndone = 0
    const kit = frame()
    let isDone = false
    const path = now(act.path)
    router.visit(path.startsWith('/') || !kit ? path : `${kit.url}/${path}`, {
        method: act.method,
        data: { ...now(act.data), ...(kit ? { revision: kit.revision } : {}) },
        preserveState: act.keeps,
        preserveScroll: true,
        ...(act.later ? { except: act.later } : {}),
        onSuccess: () => {
            isDone = true
            owed = act.later ?? []
            owedOn = page.component
            act.done?.()
        },
        onError: (faults) => act.refused?.(faults),
        onFinish: () => {
            current = null
            if (!isDone) leaveUndone()
        },
    })
}

/** What was to be done after an act that was refused was meant for a table that never came to be. */
function leaveUndone(): void {
    const stay = waiting.filter((act) => act.standsAlone)
    leftUndone = waiting.length - stay.length
    waiting.splice(0, waiting.length, ...stay)
}

/** Every act goes through here: one after the other, each from the revision the one before it made. */
export const sender = {
    get isBusy() {
        return underWay > 0
    },
    /** Where the last act belongs, and so what was refused of it. */
    get at() {
        return at
    },
    /** How many acts were left out because the one before them was refused. */
    get leftUndone() {
        return leftUndone
    },
    /** @param path under the address of the kit in hand, or from the root where it begins with a stroke */
    send(path: Later<string>, data: Later<Data> = {}, how: How = {}): void {
        waiting.push({ at: typeof path === 'string' ? path : '', keeps: true, method: 'post', ...how, path, data })
        next()
    },
}
