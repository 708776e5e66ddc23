import type { Money } from './types'

/** Units of 1/8 micrometre in a millimetre: drawings are in millimetres. */
export const mm = (units: number): number => units / 8000

export function money({ amount, currency }: Money): string {
    return new Intl.NumberFormat(navigator.language, { style: 'currency', currency }).format(Number(amount))
}
