/** What the server sends. Lengths are whole units of 1/8 micrometre unless a text says otherwise. */

export interface Extent {
    width: number
    height: number
}

export interface Box extends Extent {
    x: number
    y: number
}

export interface Face {
    name: string
    motif: string
    colours: string[]
    busy: boolean
    directional: boolean
    foil: boolean
    /** Where its photograph is, when that is its swatch. */
    photo: string | null
}

export interface Good {
    id: string
    name: string
    kind: string
    size: Extent | null
    faces: Face[]
    finish: string | null
    shape: string | null
    colours: string[]
    words: string | null
}

export type Goods = Record<string, Good>

export interface Layer extends Box {
    part: string
    component: string | null
    face: number
    /** Its outline in millimetres, where it is not its plain rectangle. */
    d: string | null
}

export interface Front {
    number: number
    occasion: string
    sketch: string
    fold: string
    size: Extent
    base: string
    layers: Layer[]
    lacks: string[]
}

export interface Money {
    amount: string
    currency: string
}

export interface Stage {
    key: string
    label: string
    figure: string | null
    money?: Money | null
    url: string
    /** Other pages that belong to it. */
    views: string[]
}

export interface KitFrame {
    id: number
    url: string
    name: string
    isStash: boolean
    about: string
    unit: 'in' | 'mm'
    revision: number
    stages: Stage[]
    undo: string | null
    redo: string | null
}

export interface Group<Line> {
    title: string
    lines: Line[]
}

/** What a kit is, as it is typed. */
export interface About {
    name: string
    unit: 'in' | 'mm'
    front_width: string
    front_height: string
    promised: string
    price: string
    currency: string
    bought_on: string
    theme: string
    instructions: string
}

/** The sides of a front as texts, in each unit. */
export type Fronts = Record<'in' | 'mm', { width: string; height: string }>

export interface Choice {
    key: string
    label: string
}
