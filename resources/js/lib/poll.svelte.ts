import { lookOn } from './send.svelte'

/** Asks for one prop again and again for as long as something is under way, then for all the page shows once. */
export function poll(prop: string, isUnderWay: () => boolean): void {
    let wasUnderWay = false
    $effect(() => {
        if (isUnderWay()) {
            wasUnderWay = true
            const timer = setInterval(() => lookOn({ only: [prop] }), 400)
            return () => clearInterval(timer)
        }
        if (wasUnderWay) {
            wasUnderWay = false
            lookOn({ except: ['errors'] })
        }
    })
}
