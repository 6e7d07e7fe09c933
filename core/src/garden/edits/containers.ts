import type { Carried, Container } from '../../container'
import type { PlanPoint } from '../../place'
import { InputError } from '../../units'
import { nextCode } from '../codes'
import { containerOn } from '../history'
import type { Garden } from '../garden'
import { isSame, keepIn, requireIn } from '../touched'
import { correctIn, type From } from './changes'
import { editOf, without, type GardenEdit } from './edit'

type Named = Pick<Container, 'id' | 'code'>

const moved = (code: string, apply: (draft: Garden) => void): GardenEdit =>
  editOf('moveContainer', { code }, apply)

/** A pot as its form has it: a new one, or a known one with what was touched. */
export const keepContainer = (
  container: Container,
  start: Container | undefined,
  isNew: boolean,
): GardenEdit =>
  editOf(isNew ? 'addContainer' : 'editContainer', { code: container.code }, (draft) =>
    keepIn(draft.containers, measuredNow(container, start), start, isNew),
  )

/** Measures that a form has changed are typical no more. */
function measuredNow(container: Container, start: Container | undefined): Container {
  const isMeasured = start?.isTypical && !isSame(start.shape, container.shape)
  const { isTypical: _typical, ...measured } = container
  return isMeasured ? measured : container
}

/** Containers as they are usually sold, one behind the other at the end of the walk. */
export const addUsual = (containers: readonly Container[]): GardenEdit =>
  editOf('addUsual', { count: containers.length }, (draft) => {
    draft.containers.push(...containers)
  })

/** Copies of a pot that stand beside it in the walk and have no place yet; an id for each. */
export const copyContainer = ({ id, code }: Named, newIds: readonly string[]): GardenEdit =>
  editOf('copyContainer', { code, times: newIds.length }, (draft) => {
    const { standing: _here, ...unplaced } = requireIn(draft.containers, id)
    const index = draft.containers.findIndex((one) => one.id === id)
    newIds.forEach((newId, copied) => {
      const copy = { ...unplaced, id: newId, code: nextCode(draft, code) }
      draft.containers.splice(index + 1 + copied, 0, copy)
    })
  })

/** A bag whose rim was rolled down stands up to its full height and is filled to it: from now on, or ever since. */
export const unrollContainer = ({ id, code }: Named, from?: From): GardenEdit =>
  editOf('unroll', { code }, (draft) => {
    const { fillMm, rolledMm } = asOfNow(draft, id, from)
    if (!rolledMm) return
    const full = fillMm + rolledMm
    if (!from) correctIn(draft, id, ['rolledMm', 'fillMm'], { fillMm: full })
    else
      draft.records.push(
        { id: from.newId(), at: from.at, containerId: id, kind: 'unroll', rolledMm: 0 },
        { id: from.newId(), at: from.at, containerId: id, kind: 'topUp', fillMm: full },
      )
  })

/** A pot as it stands now: after the last of its changes. */
const asOfNow = (draft: Garden, id: string, from?: From): Container =>
  // Copies: what is remembered of a draft would outlive what it says.
  containerOn(
    { ...draft, records: [...draft.records] },
    { ...requireIn(draft.containers, id) },
    from?.at ?? LAST,
  )
const LAST = '9999-12-31'

/**
 * Removes a pot with its plants, its feeding plan, its ways and own jobs, and its pin in the
 * arrangement. Its records and tests stay: what was done stays done.
 */
export const removeContainer = ({ id, code }: Named): GardenEdit =>
  editOf('deleteContainer', { code }, (draft) => {
    draft.containers = without(draft.containers, id)
    draft.plantings = draft.plantings.filter(({ containerId }) => containerId !== id)
    delete draft.feedPlans[id]
    if (draft.ways?.byContainer) delete draft.ways.byContainer[id]
    if (draft.ownJobs) draft.ownJobs = draft.ownJobs.filter(({ containerId }) => containerId !== id)
    if (draft.arrangement)
      draft.arrangement.pins = draft.arrangement.pins.filter(
        ({ containerId }) => containerId !== id,
      )
  })

/** A pot takes the place of another in the walk. */
export const moveInWalk = ({ id, code }: Named, otherId: string): GardenEdit =>
  moved(code, ({ containers }) => {
    const from = containers.findIndex((one) => one.id === id)
    const to = containers.findIndex((one) => one.id === otherId)
    if (from < 0 || to < 0) throw new InputError('gone')
    const [one] = containers.splice(from, 1)
    if (one) containers.splice(to, 0, one)
  })

/** A pot stands somewhere else on the plan, and always did. */
export const standContainer = (
  { id, code }: Named,
  to: Partial<NonNullable<Container['standing']>> & PlanPoint,
): GardenEdit =>
  moved(code, (draft) => {
    const { standing } = asOfNow(draft, id)
    const isTurned = to.isTurned ?? standing?.isTurned ?? false
    correctIn(draft, id, ['standing'], { standing: { ...standing, ...to, isTurned } })
  })

/** A pot is turned by a quarter where it stands. */
export const turnContainer = ({ id, code }: Named): GardenEdit =>
  moved(code, (draft) => {
    const { standing } = asOfNow(draft, id)
    if (standing)
      correctIn(draft, id, ['standing'], {
        standing: { ...standing, isTurned: !standing.isTurned },
      })
  })

/** A pot is taken off the plan. */
export const putAwayContainer = ({ id, code }: Named): GardenEdit =>
  moved(code, (draft) => correctIn(draft, id, ['standing'], {}))

/** Several pots get their places at once. */
export const standAll = (places: ReadonlyMap<string, PlanPoint>): GardenEdit =>
  editOf('placeAll', {}, (draft) => {
    for (const [id, place] of places)
      if (draft.containers.some((one) => one.id === id))
        correctIn(draft, id, ['standing'], { standing: { ...place, isTurned: false } })
  })

/**
 * Takes over into the next plan what a season told of some pots, or takes that back for
 * all of them.
 *
 * @param carried by container; what is not in it stays as it was
 */
export const carryOver = (
  carried: ReadonlyMap<string, Carried> | undefined,
  season: string,
): GardenEdit =>
  editOf('carryOver', { season }, (draft) => {
    draft.containers = draft.containers.map((container) => {
      const own = carried?.get(container.id)
      const { carried: _before, ...bare } = container
      if (!own) return carried ? container : bare
      // Where it stands in the file.
      const fields = Object.entries(bare).flatMap((field) =>
        field[0] === 'exposure' ? [['carried', own], field] : [field],
      )
      return Object.fromEntries(fields) as Container
    })
  })
