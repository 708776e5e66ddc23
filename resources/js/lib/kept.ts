/** What this device keeps by name. Where the browser keeps nothing, nothing is there. */
export const kept = {
    get(name: string): string | null {
        try {
            return localStorage.getItem(name)
        } catch {
            return null
        }
    },
    /** @param text null where it is kept no longer */
    put(name: string, text: string | null): void {
        try {
            if (text === null) localStorage.removeItem(name)
            else localStorage.setItem(name, text)
        } catch {
            return
        }
    },
}
