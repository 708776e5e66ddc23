import { router } from '@inertiajs/svelte'

const isLost = (): boolean => document.activeElement === null || document.activeElement === document.body

/**
 * If the element with the focus is gone after a page, an act, a proposal or a deletion, the page gets the focus. Keys go on, and
 * Tab begins at the top.
 */
export function keepFocus(page: HTMLElement): () => void {
    const keep = (): void => {
        setTimeout(() => {
            if (isLost() && page.isConnected) page.focus({ preventScroll: true })
        })
    }
    keep()
    document.addEventListener('focusout', keep)
    const stop = router.on('finish', keep)
    return () => {
        document.removeEventListener('focusout', keep)
        stop()
    }
}

/** How much is scrolled with one key. */
const SCREEN = 0.85

const SCROLLS: Record<string, (place: HTMLElement) => number> = {
    PageDown: (place) => place.clientHeight * SCREEN,
    ' ': (place) => place.clientHeight * SCREEN,
    PageUp: (place) => -place.clientHeight * SCREEN,
    Home: (place) => -place.scrollHeight,
    End: (place) => place.scrollHeight,
}

/** Scroll keys work wherever the focus is: on the element round it, or on the largest that can scroll. */
export function scrollBy(event: KeyboardEvent): boolean {
    const far = SCROLLS[event.key]
    const from = event.target instanceof HTMLElement ? event.target : document.body
    if (!far || from.closest('input, select, textarea, button, a[href], summary, [role="grid"]')) return false
    const place = scroller(from)
    if (!place) return false
    place.scrollBy({ top: far(place) })
    return true
}

function scroller(from: HTMLElement): HTMLElement | null {
    for (let around: HTMLElement | null = from; around; around = around.parentElement) if (canScroll(around)) return around
    const inside = [...document.querySelectorAll<HTMLElement>('main *')].filter(canScroll)
    return inside.sort((a, b) => b.clientWidth * b.clientHeight - a.clientWidth * a.clientHeight)[0] ?? null
}

function canScroll(place: HTMLElement): boolean {
    return place.scrollHeight > place.clientHeight + 1 && ['auto', 'scroll'].includes(getComputedStyle(place).overflowY)
}
