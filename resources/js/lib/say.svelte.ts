/** How long it stands to be read. */
const READING = 6_000

let said = $state('')
let n = $state(0)
let timer: ReturnType<typeof setTimeout> | undefined

/** What a key has to say where nothing on the page changes by it: shown for a while, and read out. */
export const saying = {
    get text() {
        return said
    },
    /** Changes each time: the same words are said again. */
    get turn() {
        return n
    },
}

export function say(text: string): void {
    said = text
    n++
    clearTimeout(timer)
    timer = setTimeout(() => (said = ''), READING)
}
