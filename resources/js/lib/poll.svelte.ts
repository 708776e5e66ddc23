import { router } from '@inertiajs/svelte'

/** Sent with whatever a page asks for by itself, so that it carries off nothing that another tab is to be told. */
export const LOOKING_ON = { 'X-Looking-On': 'yes' }

const QUIETLY = { showProgress: false, preserveErrors: true, headers: LOOKING_ON }

/**
 * Asks for one prop again and again for as long as something is under way, then for the whole page once.
 *
 * What was refused stays to be read meanwhile. Only that prop: an answer that was on its way while the maker acted must
 * not bring back the table as it was before.
 */
export function poll(prop: string, isUnderWay: () => boolean): void {
    let wasUnderWay = false
    $effect(() => {
        if (isUnderWay()) {
            wasUnderWay = true
            const timer = setInterval(() => router.reload({ only: [prop], ...QUIETLY }), 400)
            return () => clearInterval(timer)
        }
        if (wasUnderWay) {
            wasUnderWay = false
            router.reload(QUIETLY)
        }
    })
}
