import { kept } from './kept'

/**
 * Half-written text that stays on this device: over leaving the page, reloading and a restart of the server. It goes once it is
 * sent.
 */
export class Draft {
    text = $state('')

    /** @param first the value if nothing was written. What was written for another value is out of date. */
    constructor(
        private readonly name: string,
        private readonly first = '',
    ) {
        this.text = this.kept() ?? first
        $effect(() => this.keep(this.text))
    }

    /** It is sent, or not wanted. */
    drop(): void {
        this.text = ''
        this.keep('')
    }

    /** The text is stored elsewhere now, and stays on the page. */
    forget(): void {
        this.keep('')
    }

    private get key(): string {
        return `draft:${this.name}`
    }

    private kept(): string | null {
        try {
            const found = JSON.parse(kept.get(this.key) ?? 'null') as { first: string; text: string } | null
            return found?.first === this.first ? found.text : null
        } catch {
            // The stored value is not a draft of ours.
            return null
        }
    }

    private keep(text: string): void {
        kept.put(this.key, this.isWritten(text) ? JSON.stringify({ first: this.first, text }) : null)
    }

    protected isWritten(text: string): boolean {
        return text !== '' && text !== this.first
    }
}

/** Several fields, some of them half written. */
export class DraftFields<Fields extends object> extends Draft {
    /** What is written in them, without fields that only show their value. */
    readonly written = $derived.by((): Partial<Fields> => (this.isWritten(this.text) ? (JSON.parse(this.text) as Partial<Fields>) : {}))

    write(more: Partial<Fields>): void {
        this.text = JSON.stringify({ ...this.written, ...more })
    }
}
