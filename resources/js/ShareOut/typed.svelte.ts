import { untrack } from 'svelte'

/**
 * What is typed into fields that are kept one by one. A field follows what is kept when that changes, by an act or an undo;
 * what is refused, or typed while an answer is on its way, stays as it was typed.
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
