import { tick, untrack } from 'svelte'
import { say } from '@/lib/say.svelte'
import { sender } from '@/lib/send.svelte'
import type { GridCard, GridLine } from '@/lib/props'

interface Place {
    row: number
    card: number
}

/** A cell, with its row and its card. */
interface Known {
    at: Place
    component: string | undefined
    ofCard: number | undefined
    taken: string[]
}

/** The selected cell of each kit. Undo makes the page again, and the keys go on where they were. */
const places: Record<string, Known> = {}

const STEPS: Record<string, (cards: number) => Place> = {
    ArrowUp: () => ({ row: -1, card: 0 }),
    ArrowDown: () => ({ row: 1, card: 0 }),
    ArrowLeft: () => ({ row: 0, card: -1 }),
    ArrowRight: () => ({ row: 0, card: 1 }),
    PageUp: () => ({ row: -8, card: 0 }),
    PageDown: () => ({ row: 8, card: 0 }),
    Home: (cards) => ({ row: 0, card: -cards }),
    End: (cards) => ({ row: 0, card: cards }),
}

const clamp = (n: number, most: number): number => Math.max(0, Math.min(n, most))

/** The components that a card takes something from. */
const takenBy = (rows: GridLine[], card: number | undefined): string[] =>
    rows.filter((line) => (line.cells[card ?? 0] ?? []).length > 0).map((line) => line.id)

/** Where the maker is in the grid: a row of goods, and a card or, after the last card, the Keep column. */
export class Cursor {
    at = $state<Place>({ row: 0, card: 0 })
    table = $state<HTMLElement>()
    /** The component and card of the cell. Rows come and go above it, and the cursor follows them. */
    private component: string | undefined
    private ofCard: number | undefined
    /** The components that the card takes something from. */
    private taken: string[] = []

    constructor(
        private readonly kit: string,
        private readonly rows: () => GridLine[],
        private readonly cards: () => GridCard[],
    ) {
        const known = places[kit]
        if (known) {
            this.at = known.at
            this.component = known.component
            this.ofCard = known.ofCard
            this.taken = known.taken
        }
        $effect(() => {
            const [rows, cards] = [this.rows(), this.cards()]
            untrack(() => this.stay(rows, cards))
        })
    }

    get row(): GridLine | undefined {
        return this.rows()[Math.min(this.at.row, this.rows().length - 1)]
    }

    /** None in the last column, which is Keep. */
    get card(): GridCard | undefined {
        return this.cards()[this.at.card]
    }

    isAt(row: number, card: number): boolean {
        return this.at.row === row && this.at.card === card
    }

    goTo(row: number, card: number): void {
        this.at = { row: clamp(row, this.rows().length - 1), card: clamp(card, this.cards().length) }
        this.component = this.row?.id
        this.ofCard = this.card?.id
        this.taken = takenBy(this.rows(), this.ofCard)
        this.know()
    }

    private know(): void {
        places[this.kit] = { at: { ...this.at }, component: this.component, ofCard: this.ofCard, taken: this.taken }
    }

    /**
     * Follows its component and card. If the card has replaced one thing by another, the cursor goes to the new one. After a
     * removed card or row it moves to a cell that is there.
     */
    private stay(rows: GridLine[], cards: GridCard[]): void {
        const now = takenBy(rows, this.ofCard)
        const come = now.filter((id) => !this.taken.includes(id))
        const isGone = this.component !== undefined && this.taken.includes(this.component) && !now.includes(this.component)
        if (isGone && come.length === 1) this.component = come[0]
        this.taken = now
        this.know()
        const row = rows.findIndex((line) => line.id === this.component)
        const card = cards.findIndex((one) => one.id === this.ofCard)
        const { row: r, card: c } = this.at
        if ((row >= 0 && row !== r) || (card >= 0 && card !== c)) {
            const hadFocus = this.table?.contains(document.activeElement) ?? false
            this.goTo(row >= 0 ? row : r, card >= 0 ? card : c)
            if (hadFocus) void tick().then(() => this.focus())
        } else if (r >= rows.length || c > cards.length) this.goTo(r, c)
    }

    focus(): void {
        this.table?.querySelector<HTMLElement>(`[data-cell="${this.at.row}/${this.at.card}"]`)?.focus()
    }

    move(event: KeyboardEvent): void {
        const step = STEPS[event.key]?.(this.cards().length)
        if (!step) return
        event.preventDefault()
        this.goTo(this.at.row + step.row, this.at.card + step.card)
        this.focus()
    }
}

/** What has been picked up, to be put down on another card or on Keep. */
export class Held {
    thing = $state<{ component: string; from: number | null } | null>(null)

    /** Picks up what is in the cell, or puts down what is held. */
    turn(row: GridLine | undefined, card: GridCard | undefined): void {
        if (!row) return
        const here = card?.id ?? null
        if (!this.thing) {
            if (card && !(row.cells[card.id] ?? []).length) {
                say(`Card ${card.front.number} takes nothing here: there is nothing to pick up.`)
                return
            }
            this.thing = { component: row.id, from: here }
            return
        }
        const { component, from } = this.thing
        this.thing = null
        if (from === here) say('It stays where it was.')
        else sender.send('grid/move', { component, from, to: here })
    }

    leave(): void {
        this.thing = null
    }
}
