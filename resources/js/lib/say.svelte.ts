/** How long it is shown. */
const READING = 6_000

let said = $state('')
let n = $state(0)
let timer: ReturnType<typeof setTimeout> | undefined

/** The message of a key that changes nothing on the page. It is shown for a while and read out. */
export const saying = {
    get text() {
        return said
    },
    /** It changes each time, so that the same words are read out again. */
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
