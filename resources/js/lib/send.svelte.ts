import { page, router } from '@inertiajs/svelte'
import { say } from './say.svelte'
import type { KitFrame } from './props'

type Value = string | number | boolean | null | File | Value[] | { [name: string]: Value }
export type Data = Record<string, Value>
type Faults = Record<string, string>
type Stop = { cancel: () => void }

export interface How {
    /** Where on the page a refusal is shown. */
    at?: string
    /** Whether typed text stays on the page: always, or only after a refusal. */
    keeps?: boolean | 'errors'
    /** It does not depend on the page, so it is done even after a refused act. */
    standsAlone?: boolean
    method?: 'post' | 'delete'
    /** Props that can wait. The answer comes sooner without them, and they are asked for when nothing else is to do. */
    later?: string[]
    /** Asked when its turn comes. If it says no, the act is left out silently. */
    when?: () => boolean
    done?: () => void
    refused?: (faults: Faults) => void
}

/** Data that may have to wait is computed when its turn comes. */
type Later<T> = T | (() => T)

type Act = Required<Pick<How, 'at' | 'keeps' | 'method'>> & How & { path: Later<string>; data: Later<Data> }

const now = <T extends string | Data>(later: Later<T>): T => (typeof later === 'function' ? later() : later)

const waiting: Act[] = []
const waitingForAll: (() => void)[] = []
let current: Act | null = null
/** Acts of the maker that are not finished. What waits for them uses the revision they leave. */
let underWay = $state(0)
let at = $state('')
let leftUndone = $state(0)

/** What the page has asked for by itself, while it is on its way. */
let asked: Stop[] = []

/** The props of the page from before the last act. */
let owed: string[] = []
let owedOn = ''

router.on('start', ({ detail: { visit } }) => {
    if (!visit.showProgress) return
    underWay++
    asked.forEach((one) => one.cancel())
})
router.on('finish', ({ detail: { visit } }) => {
    if (!visit.showProgress) return
    // The page has its new props only after this event. What is asked before it uses the old revision.
    setTimeout(() => {
        underWay--
        waitingForAll.splice(0).forEach((go) => go())
        next()
        askForOwed()
    })
})

// An answer that is not a page, such as a fault, would be shown in a frame that the content security policy refuses. A message is
// shown instead.
router.on('httpException', (event) => {
    event.preventDefault()
    say(`That could not be done: the table answered ${event.detail.response.status}. Nothing was changed; reload the page and try again.`)
})
router.on('networkError', (event) => {
    event.preventDefault()
    say('Keep Share does not answer. Check that it is still running, and try again.')
})

/** Runs when nothing of the maker is under way any more, so that the answer shows the present table. */
export function afterActs(run: () => void): void {
    if (underWay > 0) waitingForAll.push(() => afterActs(run))
    else run()
}

/** Sent with everything a page asks for by itself, so that it does not consume messages for another tab. */
export const LOOKING_ON = { 'X-Looking-On': 'yes' }

/**
 * Asks for props of the page without an act of the maker. Refusals stay to be read.
 * It gives way to acts, since an older answer would bring back the old table, and the answer to the act brings the whole page.
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

/** When nothing waits any more. If the maker is quicker, after the next act. */
function askForOwed(): void {
    if (owedOn !== page.component) owed = []
    if (owed.length > 0 && !current && underWay === 0) lookOn({ only: owed })
}

/** Shows something else on the page, with an address of its own. It changes nothing, and the last view counts. */
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

/** Acts that wait behind a refused one were meant for a table that never was. */
function leaveUndone(): void {
    const stay = waiting.filter((act) => act.standsAlone)
    leftUndone = waiting.length - stay.length
    waiting.splice(0, waiting.length, ...stay)
}

/** Every act goes through here, one after the other, each with the revision that the one before it made. */
export const sender = {
    get isBusy() {
        return underWay > 0
    },
    /** Where the last act belongs, and so its refusal. */
    get at() {
        return at
    },
    /** How many acts were left out because the one before them was refused. */
    get leftUndone() {
        return leftUndone
    },
    /** @param path below the address of the kit, or from the root if it begins with a slash */
    send(path: Later<string>, data: Later<Data> = {}, how: How = {}): void {
        waiting.push({ at: typeof path === 'string' ? path : '', keeps: true, method: 'post', ...how, path, data })
        next()
    },
}
