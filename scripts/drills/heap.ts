import { counted, inBrowser, openView, served, type Drill } from './lab'

const CHANGES = 300
const MOST_GROWTH_SHARE = 0.15

/** Goes from view to view, and weighs what stays behind. */
export const heap: Drill = (share) =>
  served((address) =>
    inBrowser(async (context, errors) => {
      const page = await context.newPage()
      await openView(page, address, 'round')
      const session = await context.newCDPSession(page)
      await session.send('Performance.enable')
      const heapMb = async () => {
        await session.send('HeapProfiler.collectGarbage')
        const { metrics } = await session.send('Performance.getMetrics')
        return metrics.find(({ name }) => name === 'JSHeapUsedSize')!.value / 1e6
      }
      const links = page.locator('nav a')
      const go = async (times: number) => {
        for (let change = 0; change < times; change++) {
          const link = links.nth(change % (await links.count()))
          await link.click()
          await page.locator('main h1').first().waitFor({ state: 'attached' })
          await page.waitForTimeout(120)
        }
      }
      // Once round: every part is there, every answer that is remembered has been worked out.
      const third = counted(CHANGES / 3, share)
      await go(third)
      const before = await heapMb()
      await go(third * 2)
      const after = await heapMb()
      const growth = after / before - 1
      return [
        { what: 'Changes of view', figure: String(third * 3), held: true },
        {
          what: '– heap after a third of them and at the end, MB',
          figure: `${before.toFixed(1)} → ${after.toFixed(1)}`,
          held: growth < MOST_GROWTH_SHARE,
        },
        {
          what: '– errors in the console',
          figure: String(errors.length),
          held: errors.length === 0,
        },
      ]
    }),
  )
