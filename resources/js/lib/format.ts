import type { Money } from './props'

/** Units of 1/8 micrometre in a millimetre: drawings are in millimetres. */
export const mm = (units: number): number => units / 8000

export function money({ amount, currency }: Money): string {
    return new Intl.NumberFormat(navigator.language, { style: 'currency', currency }).format(Number(amount))
}

/** "1 cut", "3 cuts" */
export const count = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`

/** "Nov 2026" for "2026-11". A short year would be read as a day. */
export const month = (of: string): string =>
    new Intl.DateTimeFormat(navigator.language, { month: 'short', year: 'numeric', timeZone: 'UTC' }).format(new Date(`${of}-01`))
