import type { Planting } from '../garden'
import { varietyOf } from '../named'
import type { Garden } from '../garden'
import { standingOn } from '../history'
import type { As, Meaning } from './meaning'
import type { Span } from './scan'
import type { Act } from './vocabulary'

type Of<A extends As> = Extract<Meaning, { readonly as: A }>

/** One clause of an entry, and which of its words have been understood so far. */
export class Said {
  readonly #used = new Map<Span, As>()

  constructor(readonly spans: readonly Span[]) {}

  /** All that may be meant so, in order; nothing is taken. */
  all<A extends As>(as: A): readonly (readonly [Span, Of<A>])[] {
    return this.spans.flatMap((span) =>
      this.#used.has(span)
        ? []
        : span.meanings.flatMap((one) => (one.as === as ? [[span, one as Of<A>] as const] : [])),
    )
  }

  has(as: As): boolean {
    return this.all(as).length > 0
  }

  /** The first that may be meant so, and fits; it counts as understood from then on. */
  take<A extends As>(as: A, fits: (one: Of<A>) => boolean = () => true): Of<A> | undefined {
    const found = this.all(as).find(([, one]) => fits(one))
    if (found) this.#used.set(found[0], as)
    return found?.[1]
  }

  takeAll<A extends As>(as: A, fits: (one: Of<A>) => boolean = () => true): readonly Of<A>[] {
    return this.all(as).flatMap(([span, one]) => {
      if (!fits(one) || this.#used.has(span)) return []
      this.#used.set(span, as)
      return [one]
    })
  }

  get used(): ReadonlyMap<Span, As> {
    return this.#used
  }
}

/** The pots that an entry speaks of, and how it came to them. */
export interface Pots {
  readonly ids: readonly string[]
  /** By their short names; else by what stands in them, where they stand, or as all there are. */
  readonly by: 'code' | 'variety' | 'crop' | 'space' | 'all' | 'none'
  /** Plants that were named, where they were. */
  readonly plantings: readonly Planting[]
}

const unique = (ids: readonly string[]): readonly string[] => [...new Set(ids)]

/** Pots that were excepted: those named after "but" or "except". */
function takeExcepted(said: Said): ReadonlySet<string> {
  const [except] = said.all('except')
  if (!except) return new Set()
  const after = said.all('pot').filter(([{ from }]) => from > except[0].from)
  if (after.length === 0) return new Set()
  const ids = new Set(after.map(([, { containerId }]) => containerId))
  said.take('except')
  said.takeAll('pot', ({ containerId }) => ids.has(containerId))
  return ids
}

/**
 * The pots of a clause, by whatever tells them best.
 *
 * @param act what was done, as far as that is known: what is moved goes to a space, and is not in it
 */
export function takePots(said: Said, garden: Garden, at: string, act: Act | undefined): Pots {
  const excepted = takeExcepted(said)
  const kept = (ids: readonly string[]) => unique(ids).filter((id) => !excepted.has(id))
  const standing = standingOn(garden, at)
  const pots = said.takeAll('pot').map(({ containerId }) => containerId)
  const [variety] = said.all('variety')
  const isOf = ({ varietyId }: Planting) => varietyId === variety?.[1].varietyId
  if (pots.length > 0) {
    const plantings = standing.filter((one) => pots.includes(one.containerId) && isOf(one))
    if (plantings.length > 0) said.take('variety')
    return { ids: kept(pots), by: 'code', plantings }
  }
  if (said.take('all'))
    return { ids: kept(garden.containers.map(({ id }) => id)), by: 'all', plantings: [] }
  if (variety && act?.kind !== 'sow' && act?.kind !== 'potOn') {
    const plantings = standing.filter(isOf)
    if (plantings.length > 0) said.take('variety')
    const ids = kept(plantings.map(({ containerId }) => containerId))
    return { ids, by: ids.length > 0 ? 'variety' : 'none', plantings }
  }
  const [crop] = said.all('crop')
  if (crop && act?.kind !== 'sow' && act?.kind !== 'potOn') {
    said.take('crop')
    const plantings = standing.filter(
      ({ varietyId }) => varietyOf(garden, varietyId)?.crop === crop[1].crop,
    )
    const ids = kept(plantings.map(({ containerId }) => containerId))
    return { ids, by: ids.length > 0 ? 'crop' : 'none', plantings: [] }
  }
  const space = act?.kind === 'move' ? undefined : said.take('space')
  if (!space) return { ids: [], by: 'none', plantings: [] }
  const there = garden.containers.filter(({ spaceId }) => spaceId === space.spaceId)
  return { ids: kept(there.map(({ id }) => id)), by: 'space', plantings: [] }
}
