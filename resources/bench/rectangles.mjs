// Packs cut orders with a general rectangle packer, for comparison: it knows no guillotine cuts, so some of its plans
// cannot be cut at all. Reads [{side, pieces: [[width, height, mayTurn], …]}, …]; answers with the sheets of each.
import { MaxRectsPacker } from 'maxrects-packer/dist/maxrects-packer.mjs'
import { readFileSync } from 'node:fs'

const sheets = JSON.parse(readFileSync(0, 'utf8')).map(({ side, pieces }) => {
    const packer = new MaxRectsPacker(side, side, 0, { smart: false, pot: false, square: false, allowRotation: true })
    packer.addArray(pieces.map(([width, height, mayTurn]) => ({ width, height, x: 0, y: 0, allowRotation: mayTurn })))
    return packer.bins.length
})
console.log(JSON.stringify(sheets))
