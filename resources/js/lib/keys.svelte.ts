import { untrack } from 'svelte'
import { scrollBy } from './focus'
import { kept } from './kept'
import { say } from './say.svelte'

/** A key that a page answers to; all of them stand in one list that the help shows. */
export interface Key {
    /** As KeyboardEvent.key has it; a capital letter is the shifted one. */
    key: string
    /** What is printed on the key, where that differs. */
    shown?: string
    says: string
    run: () => void
    /** Not listed by itself: others beside it are told of together. */
    isHidden?: boolean
    /** Leads away from the page; not while something on it waits for an answer. */
    leaves?: boolean
}

const SINGLE_KEYS = 'single-keys'

/** Whoever speaks to the browser, or hits keys by chance, can do without keys of one letter or figure (WCAG 2.1.4). */
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

/** What is to be answered before any key leads away. */
let held = $state<string | null>(null)

/** What each component answers to, in the order in which they came. */
let registered = $state.raw<{ of: symbol; keys: Key[] }[]>([])

const allKeys = (): Key[] => registered.flatMap(({ keys }) => keys)

/** Those that do something now: none that leads away while the page waits for an answer, or answers to the same key. */
export const keysNow = (): Key[] => {
    const here = allKeys().flatMap(({ key, leaves }) => (leaves ? [] : [key]))
    return allKeys().filter(({ key, leaves, isHidden }) => !isHidden && (!leaves || (held === null && !here.includes(key))))
}

const NO_TEXT = '[type="checkbox"], [type="radio"], [type="file"], [type="button"], [type="submit"], [type="color"]'

const isTyping = (target: HTMLElement): boolean => target.isContentEditable || target.matches(`textarea, input:not(${NO_TEXT})`)

/** What has the focus answers to some keys by itself: Enter presses a button, an arrow turns a list of choices. */
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
    // What is done here comes before what leads away.
    const meant = allKeys().filter(({ key }) => key === event.key)
    const found = meant.find(({ leaves }) => !leaves) ?? meant[0]
    if (found?.leaves && held) say(held)
    else found?.run()
    if (found || scrollBy(event)) event.preventDefault()
}

/** While something lies on the page that leaving would drop, no key leaves it: what is to be answered is said instead. */
export function hold(what: () => string | null): void {
    $effect(() => {
        held = what()
        return () => (held = null)
    })
}

/** With Enter or an arrow from a field to the one above or below it. */
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

/** Answers to these keys for as long as the component lives. */
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
