import type { ObjectDirective } from 'vue'

const openers = new WeakMap<HTMLElement, Element | null>()

/**
 * For a form that opens at the press of a button elsewhere on the page: it comes into sight and
 * takes the focus, whole, so that a phone's keyboard stays down; closed, it gives the focus back.
 */
export const vOpened: ObjectDirective<HTMLElement> = {
  mounted(form) {
    openers.set(form, document.activeElement)
    form.tabIndex = -1
    form.focus()
  },
  beforeUnmount(form) {
    const opener = openers.get(form)
    if (form.contains(document.activeElement) && opener instanceof HTMLElement) opener.focus()
  },
}
