import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { request } from 'node:http'
import { connect } from 'node:net'
import { fileURLToPath } from 'node:url'
import { counted, type Drill } from './lab'

const root = fileURLToPath(new URL('../..', import.meta.url))
const PORT = 5397
const REQUESTS = 5000
const MOST_GROWN_MB = 150

interface Answer {
  readonly status: number
  readonly body: string
}
const ask = (
  path: string,
  method = 'GET',
  body?: Buffer,
  headers: Record<string, string> = {},
): Promise<Answer> =>
  new Promise((done, failed) => {
    const asked = request(
      { host: '127.0.0.1', port: PORT, path, method, headers, timeout: 20_000 },
      (response) => {
        let text = ''
        response.on('data', (part: Buffer) => (text += part.toString('latin1').slice(0, 4000)))
        response.on('end', () => done({ status: response.statusCode ?? 0, body: text }))
        response.on('error', failed)
      },
    )
    asked.on('timeout', () => asked.destroy(new Error('no answer')))
    asked.on('error', failed)
    asked.end(body)
  })
const status = (answer: Promise<Answer>) =>
  answer.then(
    (one) => one.status,
    () => 0,
  )

/** Resident memory of a process, MB. */
const residentMb = (pid: number) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024

/** Half a request, and then nothing for as long as the server lets it. */
const slow = () =>
  new Promise<void>((done) => {
    const socket = connect(PORT, '127.0.0.1', () =>
      socket.write('POST /api/handover HTTP/1.1\r\nHost: x\r\nContent-Length: 900\r\n\r\nx'),
    )
    socket.on('error', () => done())
    socket.on('close', () => done())
    setTimeout(() => {
      socket.destroy()
      done()
    }, 4000)
  })
const garbage = (text: string) =>
  new Promise<void>((done) => {
    const socket = connect(PORT, '127.0.0.1', () => socket.end(text))
    socket.on('error', () => done())
    socket.on('close', () => done())
    socket.resume()
  })

/** Ways out of what is served: none may show a file of the machine or of the project. */
const PATHS = [
  ...[
    '/../../etc/passwd',
    '/..%2f..%2f..%2fetc%2fpasswd',
    '/%2e%2e/%2e%2e/etc/passwd',
    '//etc/passwd',
  ],
  ...[
    '/assets/../../../package.json',
    '/assets/..%2f..%2f..%2fpackage.json',
    '/assets/%00',
    '/.env',
  ],
  ...['/.git/config', '/server/src/main.ts', '/%c0%ae%c0%ae/etc/passwd', '/%E0%A4%A'],
]
const SECRETS = /root:.*:0:0|"workspaces"|\[core\]|createApp/

/** The server asked slowly, too much, wrongly and often. */
export const server: Drill = async (share) => {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    cwd: root,
    env: { ...process.env, PORT: String(PORT) },
    stdio: 'ignore',
  })
  try {
    for (let wait = 0; wait < 100 && (await status(ask('/'))) !== 200; wait++)
      await new Promise((done) => setTimeout(done, 200))
    const beforeMb = residentMb(child.pid!)
    const shown: string[] = []
    for (const path of PATHS) {
      const answer = await ask(path).catch(() => undefined)
      if (answer && SECRETS.test(answer.body)) shown.push(path)
    }
    const hanging = Array.from({ length: 200 }, slow)
    for (const text of [
      'GET / HTTP/9.9\r\n\r\n',
      '\u0000\u0001\u0002',
      `GET /${'a'.repeat(100_000)} HTTP/1.1\r\n\r\n`,
      'POST / HTTP/1.1\r\nContent-Length: -5\r\n\r\n',
      `GET / HTTP/1.1\r\n${'X: y\r\n'.repeat(5000)}\r\n`,
    ])
      await garbage(text)
    const huge = await Promise.all(
      Array.from({ length: 6 }, () =>
        status(
          ask('/api/handover', 'POST', Buffer.alloc(60e6, 'x'), {
            'content-type': 'application/octet-stream',
          }),
        ),
      ),
    )
    let worst = 0
    const total = counted(REQUESTS, share)
    for (let sent = 0; sent < total; sent += 100)
      await Promise.all(
        Array.from({ length: 100 }, async (_, index) => {
          const from = performance.now()
          const path = [
            '/',
            '/round',
            '/api/weather?latitude=x',
            '/api/probe',
            '/api/handover/AAAA',
            '/nothing.js',
          ][index % 6]!
          await status(ask(path))
          worst = Math.max(worst, performance.now() - from)
        }),
      )
    await Promise.all(hanging)
    const grownMb = residentMb(child.pid!) - beforeMb
    const alive = await status(ask('/'))
    return [
      {
        what: 'Server: ways out of what is served',
        figure: `${PATHS.length} tried, ${shown.length} open`,
        held: shown.length === 0,
      },
      {
        what: '– bodies of 60 MB, refused',
        figure: `${huge.filter((one) => one === 413 || one === 0 || one === 429).length} of ${huge.length}`,
        held: huge.every((one) => one === 413 || one === 0 || one === 429),
      },
      {
        what: '– requests, 100 at once beside 200 half ones; slowest answer, ms',
        figure: `${total}, ${Math.round(worst)}`,
        held: worst < 10_000,
      },
      {
        what: '– its memory grew by, MB',
        figure: grownMb.toFixed(0),
        held: grownMb < MOST_GROWN_MB,
      },
      { what: '– answers afterwards', figure: alive === 200 ? 'yes' : 'NO', held: alive === 200 },
    ]
  } finally {
    child.kill()
  }
}
