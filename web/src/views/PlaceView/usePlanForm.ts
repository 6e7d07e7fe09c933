import { computed, reactive } from 'vue'
import { nanoid } from 'nanoid'
import {
  boxOf,
  bearingBy,
  compassPointBy,
  compassPoints,
  faultsOf,
  InputError,
  parseAreaLoad,
  planSchema,
  rectangularPlan,
  skylineElevationDeg,
  type Fault,
  type DecimalMark,
  type UnitSystem,
  type Plan,
  type PlanPoint,
  type Side,
} from '@rimbo/core'
import { numberIn, numberText } from '../../ui/fields/numberIn'

interface TypedSide {
  kind: Side['kind']
  heightMm: number | undefined
  solidMm: number | undefined
  railMm: number | undefined
}
interface TypedShelf {
  id: string
  name: string
  xMm: number | undefined
  yMm: number | undefined
  lengthMm: number | undefined
  widthMm: number | undefined
  heightMm: number | undefined
  limitText: string
}

interface TypedPlan {
  /** Drawn by its corners, and not by length and depth. */
  isFree: boolean
  widthMm: number | undefined
  depthMm: number | undefined
  facing: string
  corners: { xMm: number | undefined; yMm: number | undefined }[]
  sides: TypedSide[]
  hasDoor: boolean
  doorSide: string
  doorFromMm: number | undefined
  doorWidthMm: number | undefined
  hasSlab: boolean
  slabHeightMm: number | undefined
  slabToMm: number | undefined
  /** What stands opposite: left of straight ahead, ahead, right of it, degrees. */
  skyline: [left: string, ahead: string, right: string]
  isEarth: boolean
  allowed: string
  allowedEdge: string
  shelves: TypedShelf[]
}

/** Measures to start from, of a balcony one has not measured yet. */
const USUAL = { widthMm: 4000, depthMm: 1500, facingDeg: 180 }
const USUAL_SIDE = { heightMm: 2500, solidMm: 0, railMm: 1000 }

const typedSide = (side: Side): TypedSide => ({ ...USUAL_SIDE, ...side })

function sideFrom({ kind, heightMm, solidMm, railMm }: TypedSide): unknown {
  if (kind === 'wall') return { kind, heightMm }
  return kind === 'parapet' ? { kind, solidMm, railMm } : { kind }
}

const THIRD_DEG = 60
const THIRDS_DEG = [-60, 0, 60] as const
const turned = (bearingDeg: number, byDeg: number) => (bearingDeg + byDeg + 360) % 360

/** How high a skyline rises in each third of what a space looks to. */
const skylineThirds = ({ skyline, facingDeg }: Plan): [string, string, string] => {
  const at = (byDeg: number) => String(skylineElevationDeg(skyline, turned(facingDeg, byDeg)))
  return [at(THIRDS_DEG[0]), at(THIRDS_DEG[1]), at(THIRDS_DEG[2])]
}

/** Whether a plan is a plain rectangle, drawn from its lower left corner. */
function isRectangle({ corners }: Plan): boolean {
  const { leftMm, rightMm, lowMm, highMm } = boxOf(corners)
  const expected = [
    [leftMm, lowMm],
    [rightMm, lowMm],
    [rightMm, highMm],
    [leftMm, highMm],
  ]
  return (
    corners.length === 4 &&
    corners.every(
      ({ xMm, yMm }, index) => xMm === expected[index]![0] && yMm === expected[index]![1],
    )
  )
}

/** How the gardener measures and writes numbers and directions. */
interface Writing {
  readonly system: UnitSystem
  readonly decimal: DecimalMark
  /** What the points of the compass are called. */
  readonly points: readonly string[]
}
const ENGLISH: Writing = { system: 'metric', decimal: 'point', points: compassPoints }

/** The state of the form of a space: what was typed, the plan it makes if it makes one, and the faults. */
export function usePlanForm(start: Plan | undefined, writing: Writing = ENGLISH) {
  const { system, decimal, points } = writing
  const from = start ?? rectangularPlan(USUAL)
  const size = boxOf(from.corners)
  const typed = reactive<TypedPlan>({
    isFree: !isRectangle(from),
    widthMm: size.rightMm - size.leftMm,
    depthMm: size.highMm - size.lowMm,
    facing: start
      ? String(Number(from.facingDeg.toFixed(1)))
      : compassPointBy(points, USUAL.facingDeg),
    corners: from.corners.map(({ xMm, yMm }) => ({ xMm, yMm })),
    sides: from.sides.map(typedSide),
    hasDoor: !start || !!from.door,
    doorSide: String(from.door?.sideIndex ?? 0),
    doorFromMm: from.door?.fromMm ?? 300,
    doorWidthMm: from.door?.widthMm ?? 900,
    hasSlab: !!from.slab,
    slabHeightMm: from.slab?.heightMm ?? 2500,
    slabToMm: from.slab?.toYMm ?? 1200,
    skyline: skylineThirds(from),
    isEarth: !!from.isEarth,
    allowed: from.allowedKnM2 === undefined ? '' : `${numberText(from.allowedKnM2, decimal)} kN/m²`,
    allowedEdge: numberText(from.allowedKnM, decimal),
    shelves: from.shelves.map(({ limitKg, ...shelf }): TypedShelf => ({
      ...shelf,
      limitText: numberText(limitKg, decimal),
    })),
  })
  const skylineAtStart = typed.skyline.join(' ')

  /** A text as the number it says, or the fault in it. */
  function read<T>(parse: () => T): { value?: T; fault?: InputError } {
    try {
      return { value: parse() }
    } catch (error) {
      if (error instanceof InputError) return { fault: error }
      throw error
    }
  }
  const facing = computed(() => read(() => bearingBy(points, typed.facing)))
  const allowed = computed(() =>
    typed.allowed.trim() ? read(() => parseAreaLoad(typed.allowed, system, decimal)) : {},
  )
  const numberOf = (text: string) => (text.trim() ? numberIn(text, system, decimal) : undefined)

  /** What stands opposite, a third of the half circle that the space looks to at a time. */
  const skyline = computed(() => {
    // A skyline from a file may be finer than three figures.
    if (start && typed.skyline.join(' ') === skylineAtStart) return start.skyline
    const middle = facing.value.value ?? 0
    return typed.skyline.map((text, index) => ({
      fromDeg: turned(middle, THIRDS_DEG[index]! - THIRD_DEG / 2),
      toDeg: turned(middle, THIRDS_DEG[index]! + THIRD_DEG / 2),
      elevationDeg: numberOf(text) ?? 0,
    }))
  })

  const corners = computed(() => {
    if (typed.isFree) return typed.corners.map((corner) => ({ ...corner }))
    const { widthMm, depthMm } = typed
    return [
      { xMm: 0, yMm: 0 },
      { xMm: widthMm, yMm: 0 },
      { xMm: widthMm, yMm: depthMm },
      { xMm: 0, yMm: depthMm },
    ]
  })

  const checkedForm = computed(() => {
    const count = corners.value.length
    return planSchema.safeParse(
      {
        ...from,
        corners: corners.value,
        sides: typed.sides.slice(0, count).map(sideFrom),
        facingDeg: facing.value.value,
        door: typed.hasDoor
          ? {
              sideIndex: Number(typed.doorSide),
              fromMm: typed.doorFromMm,
              widthMm: typed.doorWidthMm,
            }
          : undefined,
        slab: typed.hasSlab ? { heightMm: typed.slabHeightMm, toYMm: typed.slabToMm } : undefined,
        skyline: skyline.value,
        isEarth: typed.isEarth || undefined,
        allowedKnM2: allowed.value.value,
        allowedKnM: numberOf(typed.allowedEdge),
        shelves: typed.shelves.map(({ limitText, ...shelf }) => ({
          ...shelf,
          limitKg: numberOf(limitText),
        })),
      },
      { reportInput: true },
    )
  })

  /** Faults by the path of their field; the first of each. */
  const faults = computed<Readonly<Record<string, Fault>>>(() => {
    const byField: Record<string, Fault> = {}
    for (const fault of checkedForm.value.success ? [] : faultsOf(checkedForm.value.error))
      byField[fault.path.join('.')] ??= fault
    const told = (path: string, fault: InputError | undefined) => {
      if (fault) byField[path] = { path: [path], code: fault.code, params: fault.params }
    }
    told('facingDeg', facing.value.fault)
    told('allowedKnM2', allowed.value.fault)
    return byField
  })
  const plan = computed<Plan | undefined>(() =>
    Object.keys(faults.value).length ? undefined : checkedForm.value.data,
  )

  /** From here on by corners: those of the rectangle as it stands. */
  function setFree(isFree: boolean): void {
    if (isFree) typed.corners = corners.value.map((corner) => ({ ...corner }))
    else typed.sides = typed.sides.slice(0, 4)
    while (typed.sides.length < 4) typed.sides.push(typedSide({ kind: 'open' }))
    typed.isFree = isFree
  }
  /** A new corner in the middle of a side, which is parted in two alike. */
  function addCorner(index: number): void {
    const one = typed.corners[index]!
    const next = typed.corners[(index + 1) % typed.corners.length]!
    const middle = (a: number | undefined, b: number | undefined) =>
      a === undefined || b === undefined ? undefined : (a + b) / 2
    typed.corners.splice(index + 1, 0, {
      xMm: middle(one.xMm, next.xMm),
      yMm: middle(one.yMm, next.yMm),
    })
    typed.sides.splice(index + 1, 0, { ...typed.sides[index]! })
  }
  function removeCorner(index: number): void {
    typed.corners.splice(index, 1)
    typed.sides.splice(index, 1)
  }
  const GRID_MM = 50
  function moveCorner(index: number, { xMm, yMm }: PlanPoint): void {
    const inSteps = (value: number) => Math.round(value / GRID_MM) * GRID_MM
    if (!typed.isFree) setFree(true)
    typed.corners[index] = { xMm: inSteps(xMm), yMm: inSteps(yMm) }
  }
  function addShelf(name: string): void {
    const { leftMm, rightMm, lowMm } = boxOf(from.corners)
    typed.shelves.push({
      id: nanoid(),
      name,
      xMm: (leftMm + rightMm) / 2,
      yMm: lowMm + 150,
      lengthMm: 800,
      widthMm: 300,
      heightMm: 800,
      limitText: '',
    })
  }

  return {
    start,
    typed,
    faults,
    plan,
    setFree,
    addCorner,
    removeCorner,
    moveCorner,
    addShelf,
  }
}
export type PlanForm = ReturnType<typeof usePlanForm>
