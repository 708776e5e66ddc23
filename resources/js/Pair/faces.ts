import type { Goods, LaidFace } from '@/lib/props'

export const keyOf = (laid: LaidFace): string => `${laid.component}/${laid.face}`

export function laidOf(key: string): LaidFace {
    const [component = '', face = '0'] = key.split('/')
    return { component, face: Number(face) }
}

/** A paper is named by its upper face, a cardstock by its own name. */
export function faceName(laid: LaidFace, goods: Goods): string {
    const good = goods[laid.component]
    const face = good?.faces[laid.face]
    return good && good.kind !== 'cardstock' && face ? face.name : (good?.name ?? '')
}
