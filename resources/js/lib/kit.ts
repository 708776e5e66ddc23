import { page } from '@inertiajs/svelte'
import type { FileLink, KitFrame } from './props'

/** What every page of a kit is sent beside its own props. */
export const kit = {
    get frame(): KitFrame {
        return page.props['frame'] as KitFrame
    },
    get errors(): Record<string, string> {
        return page.props.errors as Record<string, string>
    },
    /** The files that are offered here. */
    filesAt(at: FileLink['at']): FileLink[] {
        return this.frame.files.filter((file) => file.at === at)
    },
}
