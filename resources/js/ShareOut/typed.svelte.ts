import { untrack } from 'svelte'

/**
 * What is typed into fields that are saved one by one. A field follows the stored value when that changes by an act or an undo.
 * Text that is refused, or typed while an answer is on its way, stays.
 */
export function typed<T extends Record<string, unknown>>(kept: () => T): T {
    let seen = untrack(kept)
    const fields = $state({ ...seen })
    $effect(() => {
        const now = kept()
        untrack(() => {
            for (const field of Object.keys(now) as (keyof T)[]) {
                if (now[field] !== seen[field]) Object.assign(fields, { [field]: now[field] })
            }
            seen = now
        })
    })

    return fields as T
}
