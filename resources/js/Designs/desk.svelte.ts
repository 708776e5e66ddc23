import type { FrontQuery } from './FrontPicker.svelte'
import { kit } from '@/lib/kit'
import type { ChosenFront, RuleKind } from '@/lib/props'
import { sender } from '@/lib/send.svelte'

/** The pause in typing after which the drawing is made. */
const PAUSE = 150

interface Drawing {
    front: ChosenFront
    faults: Record<string, string>
    drawn: object | null
}

interface Ruled {
    kind: string
    options: Record<string, string>
}

// Empty records come from PHP as empty lists.
const plain = <Now>(written: Now): Now =>
    JSON.parse(JSON.stringify(written).replaceAll('"options":[]', '"options":{}').replaceAll('"measures":[]', '"measures":{}'))

/** What is being written. The server draws it at every change. Nothing is stored until the maker saves it. */
export abstract class Desk<Now extends object = object, D extends Drawing = Drawing> {
    now: Now
    front: ChosenFront
    faults: Record<string, string>
    /** The last valid drawing stays while what is written cannot be drawn. */
    last: D

    private asking: FrontQuery | null = null
    private wait: ReturnType<typeof setTimeout> | undefined
    private asked = 0

    /** It is sent to a path of the kit, under a name. */
    constructor(
        private readonly path: string,
        private readonly name: string,
        { written, drawing }: { written: Now; drawing: D },
    ) {
        this.now = $state(plain(written))
        this.front = $state.raw(drawing.front)
        this.faults = $state.raw(drawing.faults)
        this.last = $state.raw(drawing)
    }

    /** The parts it consists of, from the bottom up. */
    abstract get rows(): object[]

    /** What a part can be measured from. */
    abstract others(id: string): string[]

    faultAt(place: string): string | undefined {
        return this.faults[place] ?? kit.errors[`${this.name}.${place}`] ?? kit.errors[place]
    }

    isWrong(place: string): boolean {
        return Object.keys(this.faults).some((at) => at.startsWith(`${place}.`))
    }

    draw = (): void => {
        clearTimeout(this.wait)
        this.wait = setTimeout(() => void this.ask(), PAUSE)
    }

    private async ask(): Promise<void> {
        const mine = ++this.asked
        const answer = await fetch(`${kit.frame.url}/${this.path}/draw`, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
            body: JSON.stringify({ [this.name]: this.now, ...this.asking }),
        })
        if (!answer.ok || mine !== this.asked) return
        const drawing = (await answer.json()) as D
        this.faults = drawing.faults
        this.front = drawing.front
        if (drawing.drawn) this.last = drawing
    }

    pick(query: FrontQuery): void {
        this.asking = query
        this.draw()
    }

    /** The front upright or lying. */
    turn(): void {
        const { key, width, height, isLying } = this.front
        this.pick({ front: key, width, height, lying: isLying ? 0 : 1 })
    }

    keep(id: number | null): void {
        const path = id === null ? this.path : `${this.path}/${id}`
        sender.send(path, () => ({ [this.name]: JSON.parse(JSON.stringify(this.now)) }))
    }

    move(at: number, step: number): void {
        const [row] = this.rows.splice(at, 1)
        if (row) this.rows.splice(at + step, 0, row)
        this.draw()
    }

    takeOut(at: number): void {
        this.rows.splice(at, 1)
        this.draw()
    }

    /** Another kind, with its usual options. */
    choose(ruled: Ruled, kinds: RuleKind[], kind: string): void {
        ruled.kind = kind
        const options = kinds.find((one) => one.key === kind)?.options ?? {}
        for (const [name, values] of Object.entries(options)) ruled.options[name] ??= values?.[0] ?? (values ? '1' : 'front')
        this.draw()
    }
}
