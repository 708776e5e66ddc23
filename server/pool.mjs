import { spawn } from 'node:child_process'
import { readFileSync, readlinkSync, rmSync, writeFileSync } from 'node:fs'
import { connect, createServer } from 'node:net'

/** Milliseconds before a process that ended is started again: one that cannot start must not keep the machine busy. */
const PAUSE = 150

/** Single PHP processes. Each answers one request at a time, and one that ends is started again. */
export class Pool {
    #command
    #folder
    #notes
    #free = []
    #waiting = []
    #all = new Set()
    #isClosed = false

    /**
     * @param {string[]} command what is run, before the address
     * @param {string} folder in which it is run
     * @param {string} notes a file for the numbers of the processes
     */
    constructor(command, folder, notes) {
        this.#command = command
        this.#folder = folder
        this.#notes = notes
        this.#endThoseLeftOver()
    }

    /** @param {number} many */
    async start(many) {
        await Promise.all(Array.from({ length: many }, () => this.#begin()))
    }

    /**
     * @param {number} patience milliseconds
     * @returns {Promise<object | null>} a process that is free; null where none is within that time
     */
    take(patience) {
        const free = this.#free.pop()
        if (free) return Promise.resolve(free)
        return new Promise((resolve) => {
            const give = (one) => {
                clearTimeout(late)
                resolve(one)
            }
            const late = setTimeout(() => {
                this.#waiting = this.#waiting.filter((other) => other !== give)
                resolve(null)
            }, patience)
            this.#waiting.push(give)
        })
    }

    /** @param {object} one that was taken, and has answered */
    giveBack(one) {
        if (!this.#all.has(one)) return
        const next = this.#waiting.shift()
        if (next) next(one)
        else this.#free.push(one)
    }

    /** @param {object} one that takes too long, or answers no more; another takes its place */
    end(one) {
        one.child.kill('SIGKILL')
        this.#again(one)
    }

    close() {
        this.#isClosed = true
        for (const one of this.#all) one.child.kill('SIGTERM')
        rmSync(this.#notes, { force: true })
    }

    async #begin() {
        const port = await freePort()
        const [program, ...flags] = this.#command
        const child = spawn(program, [...flags, '-S', `127.0.0.1:${port}`, '../bootstrap/server.php'], {
            cwd: this.#folder,
            stdio: ['ignore', 'inherit', 'inherit'],
        })
        const one = { port, child }
        this.#all.add(one)
        this.#note()
        child.once('exit', () => this.#again(one))
        child.once('error', () => this.#again(one))
        while (this.#all.has(one) && !(await answers(port))) await sleep(20)
        this.giveBack(one)
    }

    #again(one) {
        if (!this.#all.delete(one)) return
        this.#free = this.#free.filter((other) => other !== one)
        this.#note()
        if (!this.#isClosed) setTimeout(() => this.#begin(), PAUSE)
    }

    #note() {
        writeFileSync(this.#notes, [...this.#all].map((one) => one.child.pid).join('\n'))
    }

    /** Those of a server that was ended without warning. A number may be another program's by now. */
    #endThoseLeftOver() {
        for (const pid of read(this.#notes).split('\n').filter(Boolean)) {
            const isOurs = folderOf(pid) === this.#folder && read(`/proc/${pid}/cmdline`).includes('bootstrap/server.php')
            if (isOurs) process.kill(Number(pid), 'SIGKILL')
        }
    }
}

const sleep = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds))

function read(file) {
    try {
        return readFileSync(file, 'utf8')
    } catch {
        return ''
    }
}

function folderOf(pid) {
    try {
        return readlinkSync(`/proc/${pid}/cwd`)
    } catch {
        return ''
    }
}

function freePort() {
    return new Promise((resolve, reject) => {
        const server = createServer().once('error', reject)
        server.listen(0, '127.0.0.1', () => {
            const { port } = server.address()
            server.close(() => resolve(port))
        })
    })
}

function answers(port) {
    return new Promise((resolve) => {
        const socket = connect(port, '127.0.0.1')
        socket.once('connect', () => resolve(true)).once('error', () => resolve(false))
        socket.once('connect', () => socket.destroy())
    })
}
