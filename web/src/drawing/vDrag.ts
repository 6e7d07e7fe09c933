import type { Directive } from 'vue'
import { load, LoadError } from '../loading'
import type { DragHandler } from './dragging'

type Holder = SVGElement & { onDragged?: DragHandler }

async function becomeDraggable(element: Holder): Promise<void> {
  try {
    const { makeDraggable } = await load(() => import('./dragging'))
    if (element.isConnected) makeDraggable(element, () => element.onDragged!)
  } catch (error) {
    // What cannot be dragged can still be moved by its keys and its form.
    if (!(error instanceof LoadError)) throw error
  }
}

/** Lets an SVG element be dragged. The first drawing does not wait for what that takes. */
export const vDrag: Directive<Holder, DragHandler> = {
  mounted(element, binding) {
    element.onDragged = binding.value
    void becomeDraggable(element)
  },
  updated(element, binding) {
    element.onDragged = binding.value
  },
}
