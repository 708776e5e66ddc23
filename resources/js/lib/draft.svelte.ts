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
            const kept = JSON.parse(localStorage.getItem(this.key) ?? 'null') as { first: string; text: string } | null
            return kept?.first === this.first ? kept.text : null
        } catch {
            // Where the browser keeps nothing, nothing is kept.
            return null
        }
    }

    private keep(text: string): void {
        try {
            if (text === '' || text === this.first) localStorage.removeItem(this.key)
            else localStorage.setItem(this.key, JSON.stringify({ first: this.first, text }))
        } catch {
            return
        }
    }
}
