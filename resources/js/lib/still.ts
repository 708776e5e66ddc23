import { page, router } from '@inertiajs/svelte'
import { replaceEqualDeep } from '@tanstack/query-core'

type Props = Record<string, unknown>

/**
 * What the server sends replaces the old value as a whole, and nothing is written into it. So it needs no watching, which takes
 * longer than drawing a grid of thousands of cells. Objects without a prototype are not watched.
 */
export function unwatched<T extends Props>(props: T): T {
    return Object.assign(Object.create(null), props) as T
}

/** Unchanged parts stay the same objects, so that only changed parts are drawn again. */
export function keepStill(): void {
    router.on('beforeUpdate', ({ detail }) => {
        const isSamePage = detail.page.component === page.component
        const props = isSamePage ? replaceEqualDeep(page.props, detail.page.props) : detail.page.props
        detail.page.props = unwatched(props)
    })
}
