/** A file that was brought in on one page and is used on the next. */
let held: { file: File; as: string } | null = null

export function takeInHand(file: File, as: string): void {
    held = { file, as }
}

/** It can be taken once. */
export function fromHand(as: string): FileList | null {
    if (held?.as !== as) return null
    const files = new DataTransfer()
    files.items.add(held.file)
    held = null
    return files.files
}
