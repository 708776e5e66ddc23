import { Desk } from './desk.svelte'
import type { ArrangementDrawing, ArrangementEditPage, WrittenArrangement, WrittenSpot } from '@/lib/props'

/** An arrangement being written. */
export class ArrangementDesk extends Desk<WrittenArrangement, ArrangementDrawing> {
    constructor(readonly page: ArrangementEditPage) {
        super('arrangements', 'written', page)
    }

    get rows(): WrittenSpot[] {
        return this.now.spots
    }

    nameOf(id: string): string {
        return this.page.pieces.find((piece) => piece.key === id)?.label ?? id
    }

    others(id: string): string[] {
        return [...this.page.places, ...this.now.spots.map((spot) => spot.id).filter((one) => one !== id)]
    }

    /** What has no place yet. */
    get open(): string[] {
        return this.page.pieces.map((piece) => piece.key).filter((key) => !this.now.spots.some((spot) => spot.id === key))
    }

    add(id: string): void {
        this.now.spots.push({
            id,
            stands: '',
            kind: 'at',
            of: 'panel',
            measures: { across: '1/2 of it', down: '1/2 of it' },
            options: {},
            turn: 0,
            lifted: false,
            key: false,
            right: '',
            down: '',
        })
        this.draw()
    }
}
