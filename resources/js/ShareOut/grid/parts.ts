import type { GridLine, ShareOutPage } from '@/lib/props'

/** Rows that are drawn, or left out, together. */
export interface Part {
    key: string
    /** The name of the group, if it begins here. */
    title: string | null
    lines: GridLine[]
    /** The row number in the whole grid of its first row. */
    first: number
}

/** @param most rows in one part. A smaller group is one part. */
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
