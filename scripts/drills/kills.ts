import {
  counted,
  dice,
  inDirectory,
  killable,
  openView,
  recordNote,
  served,
  storedNotes,
  wordOf,
  type Drill,
} from './lab'

const KILLS = 300
const AT_ONCE = 2

/** Kills the browser while records are made and taken back, and looks what is there afterwards. */
export const kills: Drill = (share) =>
  served(async (address) => {
    const told = await Promise.all(
      Array.from({ length: AT_ONCE }, (_, index) =>
        inDirectory((profile) =>
          killed(address, profile, counted(KILLS / AT_ONCE, share), index + 1),
        ),
      ),
    )
    const sum = (of: (one: Told) => number) => told.reduce((all, one) => all + of(one), 0)
    return [
      {
        what: 'Kills of the browser in the midst of records and undos',
        figure: String(sum((one) => one.kills)),
        held: true,
      },
      {
        what: '– records acknowledged on screen',
        figure: String(sum((one) => one.acknowledged)),
        held: sum((one) => one.acknowledged) > 0,
      },
      {
        what: '– of these not there afterwards',
        figure: String(sum((one) => one.lost)),
        held: sum((one) => one.lost) === 0,
      },
      {
        what: '– taken back on screen, and there all the same',
        figure: String(sum((one) => one.back)),
        held: sum((one) => one.back) === 0,
      },
      {
        what: '– times that the garden did not open again',
        figure: String(sum((one) => one.shut)),
        held: sum((one) => one.shut) === 0,
      },
    ]
  })

interface Told {
  readonly kills: number
  readonly acknowledged: number
  readonly lost: number
  readonly back: number
  readonly shut: number
}

async function killed(
  address: string,
  profile: string,
  times: number,
  seed: number,
): Promise<Told> {
  const random = dice(seed)
  const kept = new Set<string>()
  const undone = new Set<string>()
  const missing = new Set<string>()
  let [number, shut, acknowledged] = [0, 0, 0]
  const look = (notes: ReadonlySet<string>) => {
    for (const note of kept) if (!notes.has(note)) missing.add(note)
  }
  for (let round = 0; round <= times; round++) {
    const { page, kill } = await killable(profile)
    try {
      await openView(page, address, 'book')
      await page.locator('.book-count').waitFor({ timeout: 30_000 })
      look(new Set(await storedNotes(page)))
    } catch {
      shut += 1
      await kill()
      continue
    }
    if (round === times) {
      const notes = new Set(await storedNotes(page))
      await kill()
      const back = [...undone].filter((note) => notes.has(note)).length
      return { kills: times, acknowledged, lost: missing.size, back, shut }
    }
    let isDead = false
    const work = (async () => {
      while (!isDead) {
        const note = wordOf(seed * 10_000 + number++)
        if (!(await recordNote(page, `${note} b1`))) return
        kept.add(note)
        acknowledged += 1
        if (random() > 0.25) continue
        kept.delete(note)
        await page.locator('.change-bar').getByRole('button', { name: 'Undo' }).click()
        await page.getByText('Undone.', { exact: true }).waitFor()
        undone.add(note)
      }
    })().catch(() => undefined)
    await new Promise((done) => setTimeout(done, 150 + random() * 1500))
    isDead = true
    await kill()
    await work
  }
  throw new Error('unreachable')
}
