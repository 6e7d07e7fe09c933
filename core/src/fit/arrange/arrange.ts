import type { Solve } from '../../units'
import { alikeShareFor, candidatesOf, potGroups, spotGroups, type Candidate } from './candidates'
import { leftOutReasons, placementReasons, smallestConflict } from './explain'
import { programme, takenIn, WISH_WEIGHT, type Demands, type Model } from './model'
import type { Arrangement, ArrangeTask, PlacedPlants } from './types'

/** Hands out the members of each group: containers and spots, those that belong together first. */
function handOut(
  { task, pots, spots }: Model,
  taken: readonly { candidate: Candidate; times: number }[],
): { candidate: Candidate; containerId: string | undefined; spotId: string }[] {
  const standsOn = new Map(task.pots.map(({ container, spotId }) => [container.id, spotId]))
  const freePots = pots.map(({ containerIds }) => [...containerIds])
  const freeSpots = spots.map((group) => group.spots.map(({ id }) => id))
  const open = taken.flatMap(({ candidate, times }) =>
    Array.from({ length: times }, () => candidate),
  )
  // First those that can stay where they stand, then the others.
  const handed = open.map((candidate) => {
    const ids = freePots[candidate.pot]!
    const staying = ids.findIndex((id) =>
      freeSpots[candidate.spot]!.includes(standsOn.get(id) ?? ''),
    )
    if (staying < 0) return { candidate, containerId: undefined, spotId: undefined }
    const [containerId] = ids.splice(staying, 1)
    const spotId = standsOn.get(containerId!)!
    freeSpots[candidate.spot]!.splice(freeSpots[candidate.spot]!.indexOf(spotId), 1)
    return { candidate, containerId, spotId }
  })
  return handed.map(({ candidate, containerId, spotId }) => ({
    candidate,
    containerId: containerId ?? freePots[candidate.pot]!.shift(),
    spotId: spotId ?? freeSpots[candidate.spot]!.shift()!,
  }))
}

/**
 * The best arrangement of wished plants in containers and of containers on
 * spots, proven best by a solver.
 *
 * It maximises the fruit that is expected of a season, in kilos weighted by the
 * wishes, under the chosen school, sun, height, room, load,
 * number of containers and budget. In a large garden, containers and spots alike
 * within four hundredths are taken as one, at the worst of them; in a small one
 * nothing is rounded.
 *
 * @param solve      a solver of whole-number programmes, handed in
 * @param timeLimitS for the main run
 * @param progress   told the share done, 0–1
 */
export function arrange(
  task: ArrangeTask,
  solve: Solve,
  timeLimitS = 30,
  progress?: (share: number) => void,
): Arrangement {
  const alikeShare = alikeShareFor(task)
  const pots = potGroups(task, alikeShare)
  const spots = spotGroups(task, pots, alikeShare)
  const { candidates, hindered } = candidatesOf(task, pots, spots)
  const model: Model = { task, pots, spots, candidates }
  const demands: Demands = {
    musts: task.wishes.filter(({ wish }) => wish === 'must').map(({ variety }) => variety.id),
    filled: task.pins.filter((pin) => pin.varietyId).map((pin) => pin.containerId),
  }
  progress?.(0.2)
  const main = solve(programme(model, demands), timeLimitS)
  progress?.(0.6)
  if (main.status === 'infeasible')
    return { status: 'impossible', conflicts: smallestConflict(model, demands, solve) }

  const taken = takenIn(main.values, candidates)
  const value = taken.reduce(
    (sum, { candidate, times }) =>
      sum + times * candidate.expectedKg * WISH_WEIGHT[candidate.wish.wish],
    0,
  )
  const isProven = main.status === 'optimal'
  const bound = isProven ? value : solve(programme(model, demands, true), timeLimitS).objective
  const placements = handOut(model, taken).map(
    ({ candidate, containerId, spotId }): PlacedPlants => ({
      containerId,
      offerId: pots[candidate.pot]!.offer?.id,
      container:
        task.pots.find(({ container }) => container.id === containerId)?.container ??
        pots[candidate.pot]!.container,
      spotId,
      variety: candidate.wish.variety,
      count: candidate.count,
      expectedKg: candidate.expectedKg,
      reasons: placementReasons(model, candidate),
    }),
  )
  const left = task.wishes.filter((wish) => !taken.some(({ candidate }) => candidate.wish === wish))
  const leftOut = leftOutReasons(
    {
      model,
      demands,
      taken,
      value,
      hindered,
      solve,
      progress: (share) => progress?.(0.6 + 0.4 * share),
    },
    left,
  )
  progress?.(1)
  return {
    status: isProven ? 'proven' : 'timeLimit',
    placements,
    leftOut,
    cost: taken.reduce(
      (sum, { candidate, times }) => sum + times * (pots[candidate.pot]!.offer?.price ?? 0),
      0,
    ),
    value,
    bound,
    alikeShare,
    gapShare: isProven || bound === 0 ? 0 : Math.max(0, 1 - value / bound),
  }
}
