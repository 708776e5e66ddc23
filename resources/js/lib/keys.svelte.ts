import { untrack } from 'svelte'
import { scrollBy } from './focus'
import { kept } from './kept'
import { say } from './say.svelte'

/** A key of a page. All of them are in one list, which the help shows. */
export interface Key {
    /** As in KeyboardEvent.key. A capital letter means Shift. */
    key: string
    /** The text on the key, if it differs. */
    shown?: string
    says: string
    run: () => void
    /** Not listed by itself, since another line covers it. */
    isHidden?: boolean
    /** It leaves the page, so it does nothing while the page waits for an answer. */
    leaves?: boolean
}

const SINGLE_KEYS = 'single-keys'

/** People who speak to the browser, or hit keys by chance, can switch off keys of one letter or figure (WCAG 2.1.4). */
let areOff = $state(kept.get(SINGLE_KEYS) === 'off')

export const singleKeys = {
    get areOff() {
        return areOff
    },
    turn(off: boolean): void {
        areOff = off
        kept.put(SINGLE_KEYS, off ? 'off' : 'on')
    },
}

/** What must be answered before any key leaves the page. */
let held = $state<string | null>(null)

/** The keys of each component, in the order in which they came. */
let registered = $state.raw<{ of: symbol; keys: Key[] }[]>([])

const allKeys = (): Key[] => registered.flatMap(({ keys }) => keys)

/** The keys that work now: none that leaves the page while it waits for an answer, or has the same key itself. */
export const keysNow = (): Key[] => {
    const here = allKeys().flatMap(({ key, leaves }) => (leaves ? [] : [key]))
    return allKeys().filter(({ key, leaves, isHidden }) => !isHidden && (!leaves || (held === null && !here.includes(key))))
}

const NO_TEXT = '[type="checkbox"], [type="radio"], [type="file"], [type="button"], [type="submit"], [type="color"]'

const isTyping = (target: HTMLElement): boolean => target.isContentEditable || target.matches(`textarea, input:not(${NO_TEXT})`)

/** The focused element answers some keys by itself: Enter presses a button, an arrow changes a list of choices. */
function isItsOwn(key: string, target: HTMLElement): boolean {
    if (target.matches('select, [type="radio"]')) return key === ' ' || key === 'Enter' || key.startsWith('Arrow')
    if (target.matches('button, a[href], summary, [type="checkbox"], [type="file"]')) return key === ' ' || key === 'Enter'
    return false
}

export function press(event: KeyboardEvent): void {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return
    if (document.querySelector('dialog[open]')) return
    const target = event.target instanceof HTMLElement ? event.target : document.body
    if (isTyping(target)) {
        if (event.key === 'Escape') target.blur()
        return
    }
    if (isItsOwn(event.key, target)) return
    if (areOff && event.key.length === 1) return
    // Keys of the page come before keys that leave it.
    const meant = allKeys().filter(({ key }) => key === event.key)
    const found = meant.find(({ leaves }) => !leaves) ?? meant[0]
    if (found?.leaves && held) say(held)
    else found?.run()
    if (found || scrollBy(event)) event.preventDefault()
}

/** If leaving would lose something on the page, no key leaves it. The question is shown instead. */
export function hold(what: () => string | null): void {
    $effect(() => {
        held = what()
        return () => (held = null)
    })
}

/** Enter or an arrow goes from a field to the one above or below it. */
export function toNeighbour(event: KeyboardEvent, column: Iterable<HTMLInputElement>): void {
    const step = { ArrowUp: -1, ArrowDown: 1, Enter: 1 }[event.key]
    const here = event.target
    if (step === undefined || !(here instanceof HTMLInputElement)) return
    event.preventDefault()
    const fields = [...column]
    const next = fields[fields.indexOf(here) + step] ?? here
    next.focus()
    if (next === here) here.dispatchEvent(new Event('change'))
}

/** Registers keys as long as the component lives. */
export function useKeys(keys: () => Key[]): void {
    const of = Symbol()
    $effect(() => {
        const own = { of, keys: keys() }
        untrack(() => {
            const isKnown = registered.some((one) => one.of === of)
            registered = isKnown ? registered.map((one) => (one.of === of ? own : one)) : [...registered, own]
        })
    })
    $effect(() => () => untrack(() => (registered = registered.filter((one) => one.of !== of))))
}
