import { kit } from '@/lib/kit'
import { sender, type Data } from '@/lib/send.svelte'

/** What can be done to one card, and where on its page a refusal is shown. */
export interface CardActs {
    act: (name: string, data?: Data, at?: string) => void
    /** The fault of a field, if the last act was at this place. */
    faultAt: (at: string, field: string) => string | null
    fill: (part: string, filling: string) => void
}

export function actsOn(card: () => number): CardActs {
    const act: CardActs['act'] = (name, data = {}, at = name) => sender.send(`cards/${card()}/${name}`, data, { at })

    return {
        act,
        faultAt: (at, field) => (sender.at === at ? (kit.errors[field] ?? null) : null),
        fill: (part, filling) => {
            const [component, face] = filling.split('/')
            if (component) act('fill', { part, component, face: Number(face) }, `fill ${part}`)
        },
    }
}
