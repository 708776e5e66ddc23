import type { Key } from '@/lib/keys.svelte'
import type { Cursor, Held } from '@/ShareOut/grid.svelte'
import { say } from '@/lib/say.svelte'
import { sender, type Data } from '@/lib/send.svelte'

export interface Act extends Key {
    /** What the act changes. */
    of: 'cell' | 'row' | 'card'
}

/** The cells and their rows come at once. The cards with drawings and faults, and the highest possible number, follow. */
const AFTER_CELLS = ['cards', 'gaps', 'goods', 'wishes', 'taste', 'frontier']

const ON_KEEP = 'This column is Keep. Go to a card first.'

/** Everything that can be done at the selected cell, each with its key. */
export function actsAt(cursor: Cursor, held: Held, why: () => void, many: () => void): Act[] {
    const { row, card } = cursor
    const onCell = (path: string, data: Data = {}): void => {
        if (row && card) sender.send(`grid/${path}`, { component: row.id, card: card.id, ...data }, { later: AFTER_CELLS })
        else say(ON_KEEP)
    }
    const onCard = (path: string): void => {
        if (card) sender.send(`grid/${path}`, { card: card.id })
        else say(ON_KEEP)
    }
    const onRow = (path: string): void => {
        if (row) sender.send(`grid/${path}`, { component: row.id })
    }

    return [
        { key: '+', says: 'One more', of: 'cell', run: () => onCell('more', { by: 1 }) },
        { key: '-', shown: '−', says: 'One fewer', of: 'cell', run: () => onCell('more', { by: -1 }) },
        { key: 'x', shown: 'X', says: 'Swap for the next best', of: 'cell', run: () => onCell('swap') },
        {
            key: 'm',
            shown: 'M',
            says: held.thing ? 'Put it down here' : 'Pick it up to move it',
            of: 'cell',
            run: () => held.turn(row, card),
        },
        { key: 'p', shown: 'P', says: 'Pin or unpin what this card takes here', of: 'cell', run: () => onCell('pin') },
        { key: 'y', shown: 'Y', says: 'Why this?', of: 'cell', run: why },
        { key: 'u', shown: 'U', says: 'Use up, save, never use, or no wish', of: 'row', run: () => onRow('use') },
        { key: 'a', shown: 'A', says: 'Add a card', of: 'card', run: () => sender.send('grid/add') },
        { key: 'd', shown: 'D', says: 'Duplicate this card', of: 'card', run: () => onCard('duplicate') },
        { key: 'k', shown: 'K', says: 'How many of this card?', of: 'card', run: many },
        { key: 'l', shown: 'L', says: 'Use a design with less paper', of: 'card', run: () => onCard('leaner') },
        { key: 'o', shown: 'O', says: 'Set this card aside', of: 'card', run: () => onCard('aside') },
        { key: 'Delete', shown: 'Del', says: 'Remove this card', of: 'card', run: () => onCard('remove') },
        { key: 'P', shown: 'Shift P', says: 'Pin or unpin this card', of: 'card', run: () => onCard('pin') },
    ]
}
