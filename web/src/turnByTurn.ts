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

/**
 * Long work in steps, with a turn for the browser before each.
 *
 * @param step does the next; false once there is nothing more to do
 */
export async function turnByTurn(step: (index: number) => boolean): Promise<void> {
  for (let index = 0; ; index++) {
    await aTurn()
    if (!step(index)) return
  }
}
