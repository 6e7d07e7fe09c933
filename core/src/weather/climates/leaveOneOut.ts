import { guessNormals } from './guess'
import { referencePlaces, type ReferencePlace } from './places'

/** How far the guess for one place is off, where its own figures are not known to it. */
export interface LeaveOneOut {
  readonly name: string
  /** Mean of the twelve highest and twelve lowest, without their signs, K. */
  readonly offK: number
  /** The same with their signs: over 0 is guessed too warm, K. */
  readonly biasK: number
}

/** Leaves out each reference place in turn and guesses it from the others. */
export const leaveOneOut = (places: readonly ReferencePlace[] = referencePlaces): LeaveOneOut[] =>
  places.map((place) => {
    const others = places.filter((one) => one !== place)
    const offs = guessNormals(place, others).flatMap(({ tempMaxC, tempMinC }, month) => [
      tempMaxC - place.normals[month]!.tempMaxC,
      tempMinC - place.normals[month]!.tempMinC,
    ])
    const mean = (values: readonly number[]) =>
      values.reduce((sum, one) => sum + one, 0) / values.length
    return { name: place.name, offK: mean(offs.map(Math.abs)), biasK: mean(offs) }
  })
