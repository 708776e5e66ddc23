import { lookOn } from './send.svelte'

/** Polls some props as long as something is under way, and then all of the page once. */
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
