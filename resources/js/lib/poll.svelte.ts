import { lookOn } from './send.svelte'

/** Asks for some props again and again for as long as something is under way, then for all the page shows once. */
export function poll(props: string | string[], isUnderWay: () => boolean): void {
    let wasUnderWay = false
    $effect(() => {
        if (isUnderWay()) {
            wasUnderWay = true
            const timer = setInterval(() => lookOn({ only: [props].flat() }), 400)
            return () => clearInterval(timer)
        }
        if (wasUnderWay) {
            wasUnderWay = false
            lookOn({ except: ['errors'] })
        }
    })
}
