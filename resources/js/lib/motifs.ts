import tiles from '../../drawings/motifs.json'

/**
 * The motifs of papers, drawn in millimetres at true scale: each is one tile that repeats. What is printed reads them from
 * the same file.
 */
interface Motif {
    width: number
    height: number
    /** Filled, or stroked where they have a width; the colour is the number of one of the face's, 0 the ground, -1 light. */
    shapes: { d: string; colour: number; width?: number; opacity?: number }[]
}

export const motifs: Record<string, Motif> = tiles
