import { inBrowser, openView, recordNote, served, VIEWS, type Drill, type Finding } from './lab'

/** Moments between which a clock jumps, where people live. */
const JUMPS = [
  {
    what: 'midnight',
    zone: 'Europe/Berlin',
    from: '2026-06-18T23:59:30',
    to: '2026-06-19T00:00:30',
  },
  {
    what: 'the end of summer time',
    zone: 'Europe/Berlin',
    from: '2026-10-25T00:30:00Z',
    to: '2026-10-25T01:30:00Z',
  },
  {
    what: 'its beginning',
    zone: 'America/New_York',
    from: '2026-03-08T06:59:00Z',
    to: '2026-03-08T07:01:00Z',
  },
  {
    what: 'new year',
    zone: 'Europe/London',
    from: '2026-12-31T23:59:30',
    to: '2027-01-01T00:00:30',
  },
  {
    what: '29 February',
    zone: 'Europe/London',
    from: '2028-02-28T23:59:30',
    to: '2028-02-29T00:00:30',
  },
  {
    what: 'a journey over the date line',
    zone: 'Pacific/Auckland',
    from: '2026-06-18T01:00:00Z',
    to: '2026-06-17T20:00:00Z',
    then: 'Pacific/Honolulu',
  },
  {
    what: 'a clock that was a year ahead',
    zone: 'Europe/London',
    from: '2027-06-18T09:00:00',
    to: '2026-06-18T09:00:00',
  },
] as const

/** What a clock on the wall of a zone shows at a moment, to the minute. */
const wall = (moment: Date, zone: string) =>
  new Intl.DateTimeFormat('sv-SE', { timeZone: zone, dateStyle: 'short', timeStyle: 'short' })
    .format(moment)
    .replace(' ', 'T')
const moment = (text: string, zone: string): Date => {
  if (text.endsWith('Z')) return new Date(text)
  // The zone's own offset, found by looking at its wall.
  const asUtc = new Date(`${text}Z`)
  const shown = new Date(`${wall(asUtc, zone)}:${text.slice(17, 19)}Z`)
  return new Date(asUtc.getTime() - (shown.getTime() - asUtc.getTime()))
}

/** A record before a jump of the clock and one after it, and every view afterwards. */
export const clocks: Drill = (share) =>
  served(async (address) => {
    const findings: Finding[] = []
    for (const jump of share < 1 ? JUMPS.slice(0, 3) : JUMPS) {
      const { what, zone, from, to } = jump
      const then = 'then' in jump ? jump.then : zone
      const told = await inBrowser(async (context, errors) => {
        const page = await context.newPage()
        // By a session of our own: a zone that Playwright has set cannot be changed on the way.
        const session = await context.newCDPSession(page)
        const travel = (timezoneId: string) =>
          session.send('Emulation.setTimezoneOverride', { timezoneId })
        await travel(zone)
        await page.clock.setFixedTime(moment(from, zone))
        await page.goto(`${address}/start`)
        await page.getByRole('button', { name: 'Skip this step' }).click()
        await page.locator('[data-usual="bucket"]').click()
        await page.getByRole('button', { name: 'Add this pot' }).click()
        await page.getByText('1 pot added.').first().waitFor()
        await openView(page, address, 'book')
        const record = async (note: string) => {
          if (!(await recordNote(page, `${note} all`)))
            throw new Error(`${note} was not acknowledged`)
        }
        await record('qbeforeq')
        if (then !== zone) {
          await travel('')
          await travel(then)
        }
        await page.clock.setFixedTime(moment(to, zone))
        // As when a phone is woken.
        await page.evaluate(`(() => {
            let state = 'hidden'
            Object.defineProperty(document, 'visibilityState', { get: () => state, configurable: true })
            document.dispatchEvent(new Event('visibilitychange'))
            state = 'visible'
            document.dispatchEvent(new Event('visibilitychange'))
          })()`)
        await page.waitForTimeout(300)
        await record('qafterq')
        const rows = await page.evaluate<{ note?: string; at: string }[]>(`(async () => {
            const asked = indexedDB.open('rimbo')
            const database = await new Promise((done) => { asked.onsuccess = () => done(asked.result) })
            const rows = await new Promise((done) => {
              const all = database.transaction('pages').objectStore('pages').getAll()
              all.onsuccess = () => done(all.result)
            })
            database.close()
            return rows.filter((row) => row.field === 'records').flatMap((row) => row.items)
          })()`)
        const at = (note: string) => rows.find((row) => row.note?.includes(note))?.at ?? 'none'
        let failures = 0
        for (const view of VIEWS) {
          await openView(page, address, view)
          failures += await page.locator('.view-failure').count()
        }
        const isRight =
          at('qbeforeq').slice(0, 16) === wall(moment(from, zone), zone) &&
          at('qafterq').slice(0, 16) === wall(moment(to, zone), then)
        if (!isRight)
          console.log(
            `  ${what}: ${at('qbeforeq')} and ${at('qafterq')}, on the wall ${wall(moment(from, zone), zone)} and ${wall(moment(to, zone), then)}`,
          )
        for (const error of errors.slice(0, 3)) console.log(`  console: ${error.slice(0, 200)}`)
        return { isRight, failures: failures + errors.length }
      })
      findings.push({
        what: `Clock: ${what}`,
        figure: told.isRight
          ? told.failures
            ? `${told.failures} failures`
            : 'both records at the time on the wall'
          : 'a wrong time',
        held: told.isRight && told.failures === 0,
      })
    }
    return findings
  })
