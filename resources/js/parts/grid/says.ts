import type { Good, GridCard, GridLine, GridTaking } from '@/lib/props'

export const takingsOf = (line: GridLine, card: GridCard): GridTaking[] => line.cells[card.id] ?? []

/** "Card 3 takes a panel 4 × 5 1/4 in from Harbour stripe" */
export function saidOf(line: GridLine, card: GridCard, good: Good): string {
    const takings = takingsOf(line, card)
    return takings.length === 0
        ? `Card ${card.front.number} takes nothing from ${good.name}`
        : `Card ${card.front.number} takes ${takings.map((taking) => taking.said).join(' and ')} from ${good.name}`
}

/** Which side of a paper shows on the card, where it has two. */
export function faceOf(line: GridLine, card: GridCard, good: Good): string {
    const taking = takingsOf(line, card).find((one) => one.size)
    const face = taking ? good.faces[taking.face] : undefined
    if (!face || good.faces.length < 2) return ''
    return `${face.name} side shows; ${face.busy ? 'busy' : 'calm'}${face.directional ? ', print upright' : ''}.`
}
