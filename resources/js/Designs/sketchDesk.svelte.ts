import { Desk } from './desk.svelte'
import { kit } from '@/lib/kit'
import type { RuleKind, SketchDrawing, SketchEditPage, WrittenPart, WrittenSketch } from '@/lib/props'

const slug = (name: string): string =>
    name
        .normalize('NFD')
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-|-$/g, '')
        .slice(0, 40)

/** A sketch being written. */
export class SketchDesk extends Desk<WrittenSketch, SketchDrawing> {
    readonly relations: RuleKind[]
    readonly forms: RuleKind[]

    constructor(page: SketchEditPage) {
        super('sketches', 'sketch', page)
        this.relations = page.relations
        this.forms = page.forms
    }

    get rows(): WrittenPart[] {
        return this.now.parts
    }

    others(id: string): string[] {
        return ['front', ...this.now.parts.map((part) => part.id).filter((one) => one !== id)]
    }

    /** A part is known by its name in plain letters. What is measured from it follows when it is renamed. */
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
}
