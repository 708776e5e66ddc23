// Prints the texts of the Svelte pages as JSON: [{ file, line, says, isButton }]. What is worked out stands as {}.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parse } from 'svelte/compiler'

const ROOT = 'resources/js'
const SPOKEN = new Set(['aria-label', 'title', 'placeholder', 'alt', 'label', 'also', 'says', 'heading', 'text'])
const WITHIN_A_LINE = new Set(['b', 'em', 'strong', 'i', 'abbr', 'kbd', 'span', 'a', 'small', 'code', 'Link', 'Measure'])
/** Not written by hand, or drawn and not said. */
const GENERATED = new Set(['lib/props.ts', 'lib/motifs.ts'])
const NOT_PART = new Set(['start', 'end', 'loc', 'metadata', 'css', 'type', 'instance', 'module'])

/** A text has two words at least, or is one word with a capital: keys of data are neither. */
const isText = (says) => /\p{L}.*\s.*\p{L}/u.test(says) || /^\p{Lu}\p{Ll}+…?$/u.test(says)
const tidy = (says) => says.replace(/\s+/g, ' ').trim()

function inner(node) {
    if (node.type === 'Text') return node.data
    if (node.type === 'ExpressionTag') return node.expression.type === 'Literal' ? String(node.expression.value) : '{}'
    return node.fragment ? node.fragment.nodes.map(inner).join('') : ''
}

function textsOf(file) {
    const source = readFileSync(file, 'utf8')
    const found = new Map()
    const add = (says, at, isButton = false) => {
        const said = tidy(says)
        if (isText(said) && !said.startsWith('@/') && !said.includes('=>')) {
            found.set(`${said}|${isButton}`, { file, line: source.slice(0, at).split('\n').length, says: said, isButton })
        }
    }
    const ofFragment = (nodes, isButton) => {
        let line = ''
        let at = 0
        const flush = () => {
            add(line, at, isButton)
            line = ''
        }
        for (const node of nodes) {
            const isLine = ['Text', 'ExpressionTag'].includes(node.type) || WITHIN_A_LINE.has(node.name)
            if (!isLine) flush()
            else {
                if (tidy(line) === '') at = node.start
                line += inner(node)
            }
        }
        flush()
    }
    const walk = (node, parent) => {
        if (node === null || typeof node !== 'object') return
        if (Array.isArray(node)) {
            node.forEach((one) => walk(one, parent))
            return
        }
        if (node.type === 'ImportDeclaration') return
        if (node.type === 'Fragment') ofFragment(node.nodes, parent?.type === 'Component' && parent.name === 'Button')
        if (node.type === 'Literal' && typeof node.value === 'string') add(node.value, node.start)
        if (node.type === 'TemplateLiteral') add(node.quasis.map((part) => part.value.cooked).join('{}'), node.start)
        if (node.type === 'Attribute') {
            if (Array.isArray(node.value) && SPOKEN.has(node.name)) add(node.value.map(inner).join(''), node.start)
            if (!SPOKEN.has(node.name) && Array.isArray(node.value)) return
        }
        for (const [key, value] of Object.entries(node)) if (!NOT_PART.has(key)) walk(value, node.type === 'Fragment' ? parent : node)
    }
    const tree = parse(file.endsWith('.ts') ? `<script lang="ts">${source}</script>` : source, { modern: true })
    walk(tree.instance?.content)
    walk(tree.fragment)

    return [...found.values()]
}

const files = readdirSync(ROOT, { recursive: true }).filter((file) => /\.(svelte|ts)$/.test(file) && !GENERATED.has(file))
console.log(JSON.stringify(files.sort().flatMap((file) => textsOf(join(ROOT, file)))))
