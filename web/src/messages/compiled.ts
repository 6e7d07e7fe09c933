import type { MessageCompiler, MessageContext, MessageFunction } from 'vue-i18n'

/** Gaps are named in braces, forms for numbers parted by bars: "{n} pot | {n} pots". Nothing else is special. */
const GAP = /\{(\w+)\}/

const isText = (value: unknown): value is string | number =>
  typeof value === 'string' || typeof value === 'number'

function madeFrom(message: string): MessageFunction {
  /** Of each form its text and the names of its gaps by turns. */
  const forms = message.split('|').map((form) => form.trim().split(GAP))
  const numbers = forms.map((_, number) => String(number))
  const filled = (piece: string, context: MessageContext) => {
    const value = context.named(piece)
    return isText(value) ? String(value) : ''
  }
  return (context: MessageContext) => {
    const pieces = forms[forms.length > 1 ? Number(context.plural(numbers)) : 0]!
    return pieces.map((piece, at) => (at % 2 ? filled(piece, context) : piece)).join('')
  }
}

const made = new Map<string, MessageFunction>()

/**
 * Makes a message of the catalogues ready to be filled in, each once. The library's own
 * compiler knows much more than is used here, and a phone would have to fetch it first.
 */
export const compiled: MessageCompiler = (source) => {
  const message = typeof source === 'string' ? source : ''
  const known = made.get(message)
  if (known) return known
  const fresh = madeFrom(message)
  made.set(message, fresh)
  return fresh
}
