import { drag, select, type D3DragEvent } from 'd3'

/** Called with the pointer on the drawing, px; `isDone` when it was let go. */
export type DragHandler = (x: number, y: number, isDone: boolean) => void

type Event = D3DragEvent<SVGElement, unknown, unknown>

/** Below this a press is a click, px. */
const CLICK_PX = 3

/** Lets an SVG element be dragged; a press without a way is left to be a click. */
export function makeDraggable(element: SVGElement, handler: () => DragHandler): void {
  let hasMoved = false
  let from = { x: 0, y: 0 }
  let offset = { x: 0, y: 0 }
  select(element).call(
    drag<SVGElement, unknown>()
      .container(() => element.ownerSVGElement!)
      .clickDistance(CLICK_PX)
      .on('start', ({ x, y }: Event) => {
        hasMoved = false
        from = { x, y }
        const box = element.getBoundingClientRect()
        const frame = element.ownerSVGElement!.getBoundingClientRect()
        // It is taken by where it was gripped, not by its middle.
        offset = {
          x: box.left + box.width / 2 - frame.left - x,
          y: box.top + box.height / 2 - frame.top - y,
        }
      })
      .on('drag', ({ x, y }: Event) => {
        hasMoved ||= Math.hypot(x - from.x, y - from.y) > CLICK_PX
        if (hasMoved) handler()(x + offset.x, y + offset.y, false)
      })
      .on('end', ({ x, y }: Event) => {
        if (hasMoved) handler()(x + offset.x, y + offset.y, true)
      }),
  )
}
