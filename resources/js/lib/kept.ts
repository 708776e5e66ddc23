/** What this device stores by name. If the browser stores nothing, nothing is there. */
export const kept = {
    get(name: string): string | null {
        try {
            return localStorage.getItem(name)
        } catch {
            return null
        }
    },
    /** @param text null to delete it */
    put(name: string, text: string | null): void {
        try {
            if (text === null) localStorage.removeItem(name)
            else localStorage.setItem(name, text)
        } catch {
            return
        }
    },
}
