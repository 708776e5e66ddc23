/**
 * Keep Share's server: node server/main.mjs HOST PORT -- PHP FLAGS...
 *
 * It stands before single PHP processes. Lengths, waiting times and who may send anything are looked at before PHP sees
 * a request. A process that ends or takes too long is replaced, and the others go on.
 */
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync } from 'node:fs'
import { createServer, request as ask } from 'node:http'
import { dirname, join, resolve } from 'node:path'
import { PassThrough } from 'node:stream'
import { fileURLToPath } from 'node:url'
import { Body, refusal } from './body.mjs'
import { Pool } from './pool.mjs'

const ROOT = dirname(dirname(fileURLToPath(import.meta.url)))
const PROCESSES = 4

/** Milliseconds: for one answer (a printed hand-out takes half a minute), and until a process is free. */
const LONGEST = 180_000
const PATIENCE = 30_000

/** Bytes of an answer that are kept for who reads slowly. */
const HELD = 16 * 1024 * 1024

/** What the other side says for itself about its connection, and is no business of PHP's. */
const OF_ONE_HOP = ['connection', 'keep-alive', 'proxy-connection', 'te', 'trailer', 'upgrade', 'expect']

const [host, port, , ...php] = process.argv.slice(2)
const storage = resolve(process.env.LARAVEL_STORAGE_PATH ?? join(ROOT, 'storage'))
const uploads = join(storage, 'app/uploads')
mkdirSync(uploads, { recursive: true, mode: 0o700 })

const pool = new Pool(
    [
        ...php,
        '-dexpose_php=0',
        '-dupload_max_filesize=600M',
        '-dpost_max_size=610M',
        '-dmax_file_uploads=60',
        `-dupload_tmp_dir=${uploads}`,
    ],
    join(ROOT, 'public'),
    join(storage, `framework/server-${port}.pids`),
)

const server = createServer(async (request, response) => {
    const [status, says] = refusal(request) ?? strangers(request) ?? []
    if (status !== undefined) return refuse(response, status, says)
    // Who goes away before the answer does harm to nobody else.
    response.on('error', () => {})
    let body
    try {
        body = await Body.of(request, uploads)
    } catch {
        return response.headersSent || response.destroyed ? undefined : refuse(response, 507, 'There is no room for that on the disk.')
    }
    try {
        await answered(request, response, body)
    } finally {
        await body.drop()
    }
})
server.headersTimeout = 15_000
server.requestTimeout = 900_000
server.keepAliveTimeout = 5_000
server.maxConnections = 500
server.setTimeout(120_000)

/** Who was not let in may ask for a page and is told so by PHP, but sends nothing. */
function strangers(request) {
    const door = process.env.AT_THE_DOOR ?? ''
    if (door === '' || Number(request.headers['content-length'] ?? 0) === 0) return null
    const token = /(?:^|;\s*)at_the_table=([^;]*)/.exec(request.headers.cookie ?? '')?.[1] ?? ''
    const guest = `guest-${createHash('sha256').update(token).digest('hex')}`
    return existsSync(join(door, guest)) ? null : [403, 'This device is not let in.']
}

async function answered(request, response, body) {
    // What only looks can be asked again; an act that was cut short may have been done.
    const tries = request.method === 'GET' || request.method === 'HEAD' ? 2 : 1
    for (let left = tries; left > 0 && !response.destroyed; left--) {
        const one = await pool.take(PATIENCE)
        if (one === null) return refuse(response, 503, 'Keep Share is busy. Try again in a moment.')
        try {
            await passOn(request, response, body, one)
            return
        } catch (why) {
            if (response.headersSent) response.destroy()
            if (why.code === 'ECONNREFUSED') {
                // It ended before, so nothing was done.
                pool.end(one)
                left++
            }
        } finally {
            pool.giveBack(one)
        }
    }
    refuse(response, 502, 'The server ended while it was at this, and was started again. See whether it was done, then go on.')
}

/** @returns {Promise<void>} once the answer is complete; it fails where the process ended before */
function passOn(request, response, body, one) {
    return new Promise((resolve, reject) => {
        const headers = Object.fromEntries(Object.entries(request.headers).filter(([name]) => !OF_ONE_HOP.includes(name)))
        const asked = ask({ host: '127.0.0.1', port: one.port, method: request.method, path: request.url, headers, agent: false })
        const late = setTimeout(() => pool.end(one), LONGEST)
        asked.once('close', () => clearTimeout(late))
        asked.on('error', reject)
        asked.once('response', (answer) => {
            clearTimeout(late)
            answer.on('error', reject)
            answer.once('end', resolve).once('aborted', () => reject(new Error('It ended in the middle.')))
            if (response.destroyed) return answer.resume()
            const said = Object.fromEntries(Object.entries(answer.headersDistinct).filter(([name]) => !OF_ONE_HOP.includes(name)))
            response.writeHead(answer.statusCode, said)
            // A slow reader keeps no process waiting, unless for a file of many megabytes.
            const held = new PassThrough({ highWaterMark: HELD })
            answer.pipe(held).pipe(response)
            response.once('close', () => answer.unpipe(held).resume())
        })
        body.sendTo(asked)
    })
}

function refuse(response, status, says) {
    if (response.headersSent || response.destroyed) return
    response.writeHead(status, {
        'Content-Type': 'text/plain; charset=utf-8',
        'X-Content-Type-Options': 'nosniff',
        'Cache-Control': 'no-store',
        Connection: 'close',
    })
    response.end(says)
}

function stop() {
    pool.close()
    server.close()
    process.exit(0)
}
process.on('SIGTERM', stop)
process.on('SIGINT', stop)

await pool.start(PROCESSES)
server.listen(Number(port), host)
