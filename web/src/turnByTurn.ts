/** A turn of the browser's own: it draws and answers taps, then goes on. No timer: those sleep in a hidden tab. */
export const aTurn = () =>
  new Promise<void>((done) => {
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = () => {
      port1.close()
      done()
    }
    port2.postMessage(undefined)
  })

/** Long work in parts, with a turn for the browser before each. */
export async function inTurns(parts: readonly (() => unknown)[]): Promise<void> {
  for (const part of parts) {
    await aTurn()
    part()
  }
}
