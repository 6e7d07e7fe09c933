import { transferHandlers, type TransferHandler } from 'comlink'
import { InputError, type Fault, type Params } from '@rimbo/core'

/** What is told of an input that was refused, as it goes through the door. */
interface Refusal {
  readonly refused: {
    readonly code: string
    readonly params: Params
    readonly faults: readonly Fault[]
  }
}
type Thrown = TransferHandler<{ value: unknown }, unknown>

const usual = transferHandlers.get('throw') as Thrown

/**
 * What is thrown in a worker comes out as it was: without this a refused input
 * would have lost its code and its faults on the way. Both sides of the door
 * import it.
 */
transferHandlers.set('throw', {
  canHandle: (value): value is { value: unknown } => usual.canHandle(value),
  serialize: (thrown) => {
    const { value } = thrown
    if (!(value instanceof InputError)) return usual.serialize(thrown)
    const { code, params, faults } = value
    return [{ refused: { code, params, faults } } satisfies Refusal, []]
  },
  deserialize: (told) => {
    const { refused } = told as Partial<Refusal>
    if (refused) throw new InputError(refused.code, refused.params, refused.faults)
    return usual.deserialize(told)
  },
} satisfies Thrown)

export { expose, proxy, wrap, type Remote } from 'comlink'
