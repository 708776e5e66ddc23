import type { GridLine, ShareOutPage } from '@/lib/props'

/** Rows that are drawn, or left undrawn, together. */
export interface Part {
    key: string
    /** Of the group, where it begins here. */
    title: string | null
    lines: GridLine[]
    /** Which row of the whole grid the first of them is. */
    first: number
}

/** @param most rows in one of them; a group that has no more is one */
export function partsOf(groups: ShareOutPage['groups'], most: number): Part[] {
    const parts: Part[] = []
    let first = 0
    for (const { title, lines } of groups) {
        for (let at = 0; at < lines.length; at += most) {
            parts.push({
                key: `${title}/${at}`,
                title: at === 0 ? title : null,
                lines: lines.slice(at, at + most),
                first: first + at,
            })
        }
        first += lines.length
    }
    return parts
}
