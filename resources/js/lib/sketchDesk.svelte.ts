import type { FrontQuery } from '@/parts/FrontPicker.svelte'
import { kit } from './kit'
import type { RuleKind, SketchDrawing, SketchEditPage, WrittenForm, WrittenPart, WrittenRelation, WrittenSketch } from './props'

/** How long the maker may pause before what she has typed is drawn. */
const PAUSE = 150

// Empty records come from PHP as empty lists.
const plain = (text: string): WrittenSketch =>
    JSON.parse(text.replaceAll('"options":[]', '"options":{}').replaceAll('"measures":[]', '"measures":{}'))

const slug = (name: string): string =>
    name
        .normalize('NFD')
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-|-$/g, '')
        .slice(0, 40)

/** A sketch being written, drawn by the server at every change; nothing is kept before it is asked for. */
export class SketchDesk {
    now: WrittenSketch
    front: SketchDrawing['front']
    faults: Record<string, string>
    /** The last drawing that could be made stays while what is written cannot be laid. */
    last: Pick<SketchDrawing, 'drawn' | 'lines'>

    private asking: FrontQuery | null = null
    private wait: ReturnType<typeof setTimeout> | undefined
    private asked = 0

    constructor(
        { written, drawing }: SketchEditPage,
        readonly relations: RuleKind[],
        readonly forms: RuleKind[],
    ) {
        this.now = $state(plain(JSON.stringify(written)))
        this.front = $state.raw(drawing.front)
        this.faults = $state.raw(drawing.faults)
        this.last = $state.raw(drawing)
    }

    faultAt(place: string): string | undefined {
        return this.faults[place] ?? kit.errors[`sketch.${place}`] ?? kit.errors[place]
    }

    isWrong(part: number): boolean {
        return Object.keys(this.faults).some((place) => place.startsWith(`parts.${part}.`))
    }

    /** What a part can be measured from. */
    others(id: string): string[] {
        return ['front', ...this.now.parts.map((part) => part.id).filter((one) => one !== id)]
    }

    draw = (): void => {
        clearTimeout(this.wait)
        this.wait = setTimeout(() => void this.ask(), PAUSE)
    }

    private async ask(): Promise<void> {
        const mine = ++this.asked
        const answer = await fetch(`${kit.frame.url}/sketches/draw`, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
            body: JSON.stringify({ sketch: this.now, ...this.asking }),
        })
        if (!answer.ok || mine !== this.asked) return
        const drawing = (await answer.json()) as SketchDrawing
        this.faults = drawing.faults
        this.front = drawing.front
        if (drawing.drawn) this.last = drawing
    }

    pick(query: FrontQuery): void {
        this.asking = query
        this.draw()
    }

    /** A part is known by its name in plain letters; what is measured from it follows when it is renamed. */
    rename(part: WrittenPart, name: string): void {
        const old = part.id
        part.name = name
        part.id = slug(name) || part.id
        for (const one of [...this.now.parts.map((each) => each.relation), this.now.focal, this.now.sentiment]) {
            if (one.of === old) one.of = part.id
            if (one.options['and'] === old) one.options['and'] = part.id
        }
        this.draw()
    }

    add(): void {
        let n = this.now.parts.length + 1
        while (this.now.parts.some((part) => part.id === `part-${n}`)) n++
        this.now.parts.push({
            id: `part-${n}`,
            name: `part ${n}`,
            role: 'field',
            foam: 0,
            relation: {
                kind: 'inset',
                of: this.now.parts.at(-1)?.id ?? 'front',
                options: {},
                measures: { reveal: kit.frame.unit === 'in' ? '1/8' : '3' },
            },
            form: { kind: 'plain', options: {}, measures: {} },
        })
        this.draw()
    }

    move(at: number, step: number): void {
        const [part] = this.now.parts.splice(at, 1)
        if (part) this.now.parts.splice(at + step, 0, part)
        this.draw()
    }

    takeOut(at: number): void {
        this.now.parts.splice(at, 1)
        this.draw()
    }

    /** Another kind of relation or form, with what its options usually are. */
    choose(ruled: WrittenRelation | WrittenForm, kinds: RuleKind[], kind: string): void {
        ruled.kind = kind
        const options = kinds.find((one) => one.key === kind)?.options ?? {}
        for (const [name, values] of Object.entries(options)) ruled.options[name] ??= values?.[0] ?? (values ? '1' : 'front')
        this.draw()
    }
}
