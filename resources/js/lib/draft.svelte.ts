import { kept } from './kept'

/**
 * What is half written stays on this device: over leaving the page, loading it again and a restart of the table. It goes once it
 * is sent.
 */
export class Draft {
    text = $state('')

    /** @param first what stands there where nothing was written; what was written to another beginning is of another time */
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

    /** What is written is kept elsewhere now; it stays on the page. */
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
            // What is kept is no draft of ours.
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

/** Several fields of which some are half written. */
export class DraftFields<Fields extends object> extends Draft {
    /** What is written in them; none of what only stands there. */
    readonly written = $derived.by((): Partial<Fields> => (this.isWritten(this.text) ? (JSON.parse(this.text) as Partial<Fields>) : {}))

    write(more: Partial<Fields>): void {
        this.text = JSON.stringify({ ...this.written, ...more })
    }
}
