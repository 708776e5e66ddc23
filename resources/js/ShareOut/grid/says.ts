import type { Good, GridCard, GridLine, GridTaking } from '@/lib/props'

export const takingsOf = (line: GridLine, card: GridCard): GridTaking[] => line.cells[card.id] ?? []

/** The text of a cell: amounts, if nothing is drawn. */
const writtenIn = (takings: GridTaking[], good: Good): string =>
    takings
        .filter((taking) => !taking.size && (!good.shape || good.words))
        .map((taking) => taking.amount)
        .join(' ')

/** "Card 3 takes a panel 4 × 5 1/4 in from Harbour stripe". The written number comes first: "2: Card 3 takes …" */
export function saidOf(line: GridLine, card: GridCard, good: Good): string {
    const takings = takingsOf(line, card)
    if (takings.length === 0) return `Card ${card.front.number} takes nothing from ${good.name}`
    const written = writtenIn(takings, good)
    const many = takings.length > 1 ? `${takings.length}: ` : ''
    const said = `Card ${card.front.number} takes ${many}${takings.map((taking) => taking.said).join(' and ')} from ${good.name}`
    return written ? `${written}: ${said}` : said
}

/** Which side of a paper is seen on the card, if it has two. */
export function faceOf(line: GridLine, card: GridCard, good: Good): string {
    const taking = takingsOf(line, card).find((one) => one.size)
    const face = taking ? good.faces[taking.face] : undefined
    if (!face || good.faces.length < 2) return ''
    return `${face.name} side up; ${face.busy ? 'busy' : 'calm'}${face.directional ? ', print upright' : ''}.`
}
