import { untrack } from 'svelte'

/** A key that a page answers to; all of them stand in one list that the help shows. */
export interface Key {
    /** As KeyboardEvent.key has it; a capital letter is the shifted one. */
    key: string
    /** What is printed on the key, where that differs. */
    shown?: string
    says: string
    run: () => void
}

let registered = $state.raw<Key[][]>([])

export const allKeys = (): Key[] => registered.flat()

const isTyping = (target: EventTarget | null): boolean =>
    target instanceof HTMLElement &&
    (target.isContentEditable || target.matches('textarea, select, input:not([type="checkbox"], [type="file"])'))

export function press(event: KeyboardEvent): void {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return
    if (document.querySelector('dialog[open]')) return
    const found = allKeys().find(({ key }) => key === event.key)
    if (!found) return
    event.preventDefault()
    found.run()
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
    $effect(() => {
        const own = keys()
        untrack(() => (registered = [...registered, own]))
        return () => untrack(() => (registered = registered.filter((list) => list !== own)))
    })
}
