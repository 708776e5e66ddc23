import { randomBytes } from 'node:crypto'
import { createReadStream, createWriteStream, mkdirSync } from 'node:fs'
import { unlink } from 'node:fs/promises'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'

/** The most bytes that may be sent at once: a saved table of 600 MB and what is written beside it. */
export const MOST_BYTES = 610 * 1024 * 1024

/** More bytes than these wait on disk. */
const IN_MEMORY = 256 * 1024

/**
 * What is sent with a request, taken in whole before PHP sees any of it: a slow sender keeps no process waiting.
 */
export class Body {
    #bytes
    #file

    constructor(bytes, file) {
        this.#bytes = bytes
        this.#file = file
    }

    /**
     * @param {import('node:http').IncomingMessage} request whose length was looked at
     * @param {string} folder for what is large
     */
    static async of(request, folder) {
        const length = Number(request.headers['content-length'] ?? 0)
        if (length > IN_MEMORY) {
            mkdirSync(folder, { recursive: true, mode: 0o700 })
            const file = join(folder, randomBytes(8).toString('hex'))
            const body = new Body(null, file)
            try {
                await pipeline(request, createWriteStream(file, { mode: 0o600 }))
            } catch (failed) {
                await body.drop()
                throw failed
            }
            return body
        }
        const parts = []
        for await (const part of request) parts.push(part)
        return new Body(Buffer.concat(parts), null)
    }

    /** @param {import('node:http').ClientRequest} asked which fails where this does */
    sendTo(asked) {
        if (this.#file === null) asked.end(this.#bytes)
        else pipeline(createReadStream(this.#file), asked).catch((why) => asked.destroy(why))
    }

    async drop() {
        if (this.#file !== null) await unlink(this.#file).catch(() => {})
    }
}

/**
 * @param {import('node:http').IncomingMessage} request
 * @returns {[number, string] | null} why it is not taken; null where it is
 */
export function refusal(request) {
    if (request.headers['transfer-encoding'] !== undefined) return [411, 'Say how long it is.']
    const said = request.headers['content-length'] ?? '0'
    if (!/^\d{1,15}$/.test(said)) return [400, 'That length cannot be.']
    return Number(said) > MOST_BYTES ? [413, 'That is larger than anything Keep Share takes: 610 MB.'] : null
}
