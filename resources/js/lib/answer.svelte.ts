import { LOOKING_ON } from './send.svelte'

interface Question {
    path: string
    /** Sent as JSON. A form is sent as it is. Without either it is a plain request. */
    body?: Record<string, unknown> | FormData
}

/** Asks the server while something is typed. It waits until the typing rests, and drops the answer to an older question. */
export class Answer<T> {
    current = $state.raw<T | null>(null)
    /** It is on its way. */
    isComing = $state(false)

    /** @param question null if there is nothing to ask, so that there is no answer either */
    constructor(question: () => Question | null, rest = 150) {
        $effect(() => {
            const asked = question()
            if (asked === null) {
                this.current = null
                this.isComing = false
                return
            }
            const stop = new AbortController()
            this.isComing = true
            const wait = setTimeout(() => void this.ask(asked, stop.signal), rest)
            return () => {
                clearTimeout(wait)
                stop.abort()
            }
        })
    }

    private async ask({ path, body }: Question, signal: AbortSignal): Promise<void> {
        const isForm = body instanceof FormData
        try {
            const answer = await fetch(path, {
                signal,
                method: body ? 'POST' : 'GET',
                headers: { accept: 'application/json', ...(body && !isForm ? { 'content-type': 'application/json' } : {}), ...LOOKING_ON },
                ...(body ? { body: isForm ? body : JSON.stringify(body) } : {}),
            })
            if (answer.ok) this.current = (await answer.json()) as T
            this.isComing = false
        } catch {
            // A newer question replaced it, or the server does not answer. What is shown stays.
            return
        }
    }
}
