/**
 * The motifs of papers, drawn in millimetres at true scale.
 *
 * Each is one tile that repeats. A shape is filled, or stroked when it has a width; its colour is the number of one of
 * the face's colours, where 0 is the ground.
 */
export interface Shape {
    d: string
    colour: number
    width?: number
    opacity?: number
}

export interface Motif {
    width: number
    height: number
    shapes: Shape[]
}

const circle = (x: number, y: number, r: number): string => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`
const rect = (x: number, y: number, w: number, h: number): string => `M${x} ${y}h${w}v${h}h${-w}z`
const star = (x: number, y: number, r: number): string => {
    const points = Array.from({ length: 10 }, (_, i) => {
        const reach = i % 2 ? r * 0.42 : r
        const angle = (Math.PI / 5) * i - Math.PI / 2
        return `${(x + reach * Math.cos(angle)).toFixed(2)} ${(y + reach * Math.sin(angle)).toFixed(2)}`
    })
    return `M${points.join('L')}z`
}

export const motifs: Record<string, Motif> = {
    solid: { width: 10, height: 10, shapes: [] },
    dots: {
        width: 9,
        height: 9,
        shapes: [
            { d: circle(2.25, 2.25, 1.3), colour: 1 },
            { d: circle(6.75, 6.75, 1.3), colour: 2 },
        ],
    },
    stripe: {
        width: 12,
        height: 12,
        shapes: [
            { d: rect(0, 0, 4, 12), colour: 1 },
            { d: rect(6.5, 0, 1.2, 12), colour: 2 },
            { d: rect(9, 0, 1.2, 12), colour: 2 },
        ],
    },
    gingham: {
        width: 10,
        height: 10,
        shapes: [
            { d: rect(0, 0, 5, 10), colour: 1, opacity: 0.55 },
            { d: rect(0, 0, 10, 5), colour: 1, opacity: 0.55 },
            { d: rect(0, 0, 5, 5), colour: 2, opacity: 0.6 },
        ],
    },
    plaid: {
        width: 28,
        height: 28,
        shapes: [
            { d: rect(0, 0, 9, 28) + rect(0, 0, 28, 9), colour: 1, opacity: 0.5 },
            { d: rect(14, 0, 4, 28) + rect(0, 14, 28, 4), colour: 3, opacity: 0.5 },
            { d: rect(22, 0, 1.2, 28) + rect(0, 22, 28, 1.2), colour: 2, opacity: 0.9 },
        ],
    },
    grid: {
        width: 20,
        height: 20,
        shapes: [
            { d: 'M0 0H20M0 10H20M0 0V20M10 0V20', colour: 1, width: 0.4 },
            { d: 'M0 13C3 7 7 17 11 12S17 19 20 13', colour: 2, width: 0.7 },
        ],
    },
    chevron: {
        width: 14,
        height: 12,
        shapes: [
            { d: 'M-1 5.9 0 5 7 -2 14 5 15 6V9L7 1 -1 9z', colour: 1 },
            { d: 'M-1 12 7 4 15 12V13.6L7 5.6 -1 13.6z', colour: 2 },
        ],
    },
    wave: {
        width: 20,
        height: 14,
        shapes: [
            { d: 'M-5 3.8C0 -0.2 0 -0.2 5 3.8S10 7.8 15 3.8S20 -0.2 25 3.8', colour: 1, width: 1 },
            { d: 'M-5 10.4C0 6.4 0 6.4 5 10.4S10 14.4 15 10.4S20 6.4 25 10.4', colour: 2, width: 1 },
        ],
    },
    scale: {
        width: 12,
        height: 12,
        shapes: [
            { d: 'M0 0A6 6 0 0 0 12 0', colour: 1, width: 0.9 },
            { d: 'M-6 6A6 6 0 0 0 6 6A6 6 0 0 0 18 6', colour: 1, width: 0.9 },
            { d: 'M3 0A3 3 0 0 0 9 0M-3 6A3 3 0 0 0 3 6M9 6A3 3 0 0 0 15 6', colour: 2, width: 0.6 },
        ],
    },
    plank: {
        width: 60,
        height: 24,
        shapes: [
            { d: 'M0 0H60M0 12H60M18 0V12M46 12V24', colour: 2, width: 0.7 },
            { d: 'M3 4C20 2 30 6 56 4M4 8.5C16 10 34 7 57 8.5M3 16C24 18 34 14 43 16M5 20.5C22 19 30 22 58 20', colour: 1, width: 0.5 },
        ],
    },
    script: {
        width: 34,
        height: 14,
        shapes: [
            {
                d: 'M1 4c1-3 2 3 3 0s2 2 3 0 1-3 2 0 2 2 3 0M15 4c1-2 2 2 3 0s1-3 2 0 2 1 3 0 2 2 3 0M28 4c1-3 2 2 4 0',
                colour: 1,
                width: 0.6,
            },
            { d: 'M3 11c1-2 2 2 3 0s2 2 3 0M12 11c1-3 2 3 3 0s1-2 2 0 2 2 3 0 1-2 2 0M25 11c1-2 2 2 3 0s2 2 4 0', colour: 2, width: 0.6 },
        ],
    },
    sprig: {
        width: 20,
        height: 22,
        shapes: [
            { d: 'M6 11V3M16 22V14', colour: 1, width: 0.7 },
            {
                d: 'M6 8C3 8 2 6 2 4C4 4 6 6 6 8M6 6C9 6 10 4 10 2C8 2 6 4 6 6M16 19C13 19 12 17 12 15C14 15 16 17 16 19M16 17C19 17 20 15 20 13C18 13 16 15 16 17',
                colour: 1,
            },
            { d: circle(6, 2.4, 1.4) + circle(16, 13.4, 1.4), colour: 2 },
        ],
    },
    leaf: {
        width: 18,
        height: 20,
        shapes: [
            { d: 'M5 9C0 6 2 1 5 0C8 1 10 6 5 9', colour: 1 },
            { d: 'M14 19C9 16 11 11 14 10C17 11 19 16 14 19', colour: 2 },
            { d: 'M5 1V11M14 11V20', colour: 1, width: 0.5 },
        ],
    },
    gull: {
        width: 26,
        height: 18,
        shapes: [
            { d: 'M2 5C4 2 6 3 7 5.5C8 3 10 2 12 5', colour: 2, width: 1 },
            { d: 'M15 13.5C17 11 19 12 20 14C21 12 23 11 25 13.5', colour: 1, width: 1 },
        ],
    },
    lantern: {
        width: 26,
        height: 30,
        shapes: [
            { d: 'M4 5h6l1 7h-8zM17 20h6l1 7h-8z', colour: 1 },
            { d: 'M5.5 6.5h3l.5 4h-4zM18.5 21.5h3l.5 4h-4z', colour: 2 },
            { d: 'M5 5C5 1 9 1 9 5M18 20C18 16 22 16 22 20M2.5 12.6h9M15.5 27.6h9', colour: 1, width: 0.7 },
        ],
    },
    float: {
        width: 18,
        height: 18,
        shapes: [
            { d: circle(4.5, 4.5, 2.6), colour: 1 },
            { d: circle(13.5, 13.5, 2.6), colour: 2 },
            { d: circle(13.5, 4.5, 1.1) + circle(4.5, 13.5, 1.1), colour: 3 },
            { d: 'M2 4.5h5M11 13.5h5', colour: 0, width: 0.6 },
        ],
    },
    knit: {
        width: 7,
        height: 7,
        shapes: [
            { d: 'M0 0L3.5 3.5V6.5L0 3z', colour: 1 },
            { d: 'M7 0L3.5 3.5V6.5L7 3z', colour: 2 },
        ],
    },
    hills: {
        width: 40,
        height: 22,
        shapes: [
            { d: 'M0 12C8 2 14 2 20 9C26 3 34 3 40 12V22H0z', colour: 1 },
            { d: 'M0 18C10 10 18 12 24 17C30 13 36 13 40 18V22H0z', colour: 2 },
        ],
    },
    star: {
        width: 18,
        height: 18,
        shapes: [
            { d: star(4.5, 4.8, 2.8), colour: 1 },
            { d: star(13.5, 13.8, 2), colour: 2 },
        ],
    },
    foil: {
        width: 16,
        height: 16,
        shapes: [
            { d: 'M0 12L12 0H16L0 16zM16 12V16H12z', colour: -1, opacity: 0.42 },
            { d: 'M0 5L5 0H7L0 7zM16 5V7L7 16H5z', colour: -1, opacity: 0.26 },
        ],
    },
}
