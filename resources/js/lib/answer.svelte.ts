import { LOOKING_ON } from './send.svelte'

interface Question {
    path: string
    /** Sent as JSON; a form is sent as it is; without either it is only asked for. */
    body?: Record<string, unknown> | FormData
}

/** Asks while something is typed: waits until the typing rests, and drops the answer to what was asked before. */
export class Answer<T> {
    current = $state.raw<T | null>(null)
    /** It is on its way. */
    isComing = $state(false)

    /** @param question null where there is nothing to ask: then there is no answer either */
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
            // Left for a newer one, or the table does not answer: what is shown stays.
            return
        }
    }
}
