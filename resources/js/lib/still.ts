import { page, router } from '@inertiajs/svelte'
import { replaceEqualDeep } from '@tanstack/query-core'

type Props = Record<string, unknown>

/**
 * What the server sends replaces what was there as a whole, and nothing is ever written into it: it needs no watching,
 * which for a grid of thousands of cells takes longer than to draw them. Of an object without a prototype nothing is watched.
 */
export function unwatched<T extends Props>(props: T): T {
    return Object.assign(Object.create(null), props) as T
}

/** What is as it was before stays the same object, so that of a page only that is drawn anew which has changed. */
export function keepStill(): void {
    router.on('beforeUpdate', ({ detail }) => {
        const isSamePage = detail.page.component === page.component
        const props = isSamePage ? replaceEqualDeep(page.props, detail.page.props) : detail.page.props
        detail.page.props = unwatched(props)
    })
}
