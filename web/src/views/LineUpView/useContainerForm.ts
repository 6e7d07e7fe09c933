import { computed, reactive, ref, watch } from 'vue'
import {
  containerSchema,
  containerVolumes,
  faultsOf,
  InputError,
  judgeLabel,
  parseDiameter,
  partOf,
  readLabel,
  standingRimMm,
  typicalContainer,
  type Container,
  type DecimalMark,
  type Fault,
  type Label,
  type PartName,
  type Shape,
  type UnitSystem,
} from '@rimbo/core'
import { kindOf, sizesOf, type SizeName } from './formFields'

type Sizes = Partial<Record<SizeName, number | undefined>>
export type PartValues = Record<string, number | string | undefined>

const sizesIn = (shape: Shape): Sizes => ({ ...shape })

const USUAL_CUT_OUTS = { count: 3, diameterMm: 200 }

/** Parts as they are, and where there are none, as they usually are. */
const partsIn = (
  start: Partial<Record<PartName, object | undefined>>,
): Record<PartName, PartValues> => ({
  reservoir: { ...(start.reservoir ?? typicalContainer('reservoirBox').reservoir) },
  rings: { ...(start.rings ?? typicalContainer('flatBag').rings) },
  cutOuts: { ...(start.cutOuts ?? USUAL_CUT_OUTS) },
  tower: { ...(start.tower ?? typicalContainer('tower').tower) },
  layers: { ...(start.layers ?? typicalContainer('deepBox').layers) },
  sunken: { ...(start.sunken ?? typicalContainer('sunkenPot').sunken) },
})

/**
 * The state of the container form: what was typed, the container it makes if it
 * makes one, and the faults by field.
 */
export function useContainerForm(
  start: Container,
  system: () => UnitSystem,
  takenCodes: () => readonly string[],
  decimal: () => DecimalMark = () => 'point',
) {
  const text = reactive({ code: start.code, name: start.name, label: start.label?.text ?? '' })
  const choice = reactive({
    type: start.type,
    material: start.material,
    exposure: start.exposure,
    spaceId: start.spaceId,
    recipeId: start.recipeId,
    colour: start.colour,
    isInsulated: start.isInsulated,
    resinCode: start.resinCode === undefined ? undefined : String(start.resinCode),
  })
  const sizes = reactive<Sizes>(sizesIn(start.shape))
  const lengths = reactive<
    Record<
      'headspaceMm' | 'wallMm' | 'mulchMm' | 'baseHeightMm' | 'rolledMm' | 'linerMm',
      number | undefined
    >
  >({
    headspaceMm: standingRimMm(start) - start.fillMm,
    wallMm: start.wallMm,
    mulchMm: start.mulchMm,
    baseHeightMm: start.baseHeightMm,
    rolledMm: start.rolledMm ?? 0,
    linerMm: start.linerMm ?? 0,
  })
  const parts = reactive(partsIn(start))
  /** A flat bag has rings or plain cut-outs; the other parts make their kind what it is. */
  const hasRings = ref(start.type !== 'flatBag' || !!start.rings)
  /** Found out by measuring or counting: the litres poured in, the holes there are. */
  const measured = reactive<{
    pouredL: number | undefined
    holeCount: number | undefined
    holeDiameterMm: number | undefined
  }>({
    pouredL: start.pourTest?.rimVolumeL,
    holeCount: start.holes?.count,
    holeDiameterMm: start.holes?.diameterMm,
  })
  /** Sunk below the ground, where it is. */
  const isSunken = ref(start.baseHeightMm < 0)
  if (isSunken.value) lengths.baseHeightMm = -start.baseHeightMm

  watch(
    () => choice.type,
    (type) => {
      const typical = typicalContainer(type)
      Object.assign(sizes, sizesIn(typical.shape))
      Object.assign(parts, partsIn(typical))
      lengths.headspaceMm = standingRimMm(typical) - typical.fillMm
      lengths.wallMm = typical.wallMm
      lengths.rolledMm = 0
      lengths.linerMm = typical.linerMm ?? 0
      isSunken.value = typical.baseHeightMm < 0
      lengths.baseHeightMm = Math.abs(typical.baseHeightMm)
      choice.material = typical.material
      choice.colour = undefined
      // Another kind was not the one that was poured or drilled.
      Object.assign(measured, {
        pouredL: undefined,
        holeCount: undefined,
        holeDiameterMm: undefined,
      })
      hasRings.value = true
    },
  )

  const readLabelText = computed<{ label?: Label; fault?: InputError }>(() => {
    if (!text.label.trim()) return {}
    // As it was read when it was typed: a gallon then may be another gallon in today's units.
    if (start.label && text.label === start.label.text) return { label: start.label }
    try {
      return { label: readLabel(text.label, system(), decimal()) }
    } catch (error) {
      if (error instanceof InputError) return { fault: error }
      throw error
    }
  })

  /** The part beside the shape that this kind of container has. */
  const partName = computed<PartName | undefined>(() => {
    const name = partOf[choice.type]
    return name === 'rings' && !hasRings.value ? 'cutOuts' : name
  })

  /** What was measured, or undefined where nothing was. */
  const findings = computed(() => {
    const { pouredL, holeCount, holeDiameterMm } = measured
    return {
      pourTest: pouredL === undefined ? undefined : { ...start.pourTest, rimVolumeL: pouredL },
      holes:
        holeCount === undefined
          ? undefined
          : { ...start.holes, count: holeCount, diameterMm: holeDiameterMm ?? 8 },
    }
  })

  /** The container as typed; sizes that cannot be read are left out, and the schema says so. */
  const candidate = computed<unknown>(() => {
    const kind = kindOf[choice.type]
    const shape: Record<string, unknown> = kind === start.shape.kind ? { ...start.shape } : { kind }
    for (const name of sizesOf(choice.type)) shape[name] = sizes[name]
    const wholeRimMm = kind === 'bowl' ? sizes.depthMm : sizes.heightMm
    const { headspaceMm, wallMm, mulchMm, baseHeightMm, linerMm } = lengths
    const rolledMm = choice.type === 'fabricBag' ? lengths.rolledMm : 0
    const isKnown = wholeRimMm !== undefined && headspaceMm !== undefined && rolledMm !== undefined
    const noParts = {
      reservoir: undefined,
      rings: undefined,
      cutOuts: undefined,
      tower: undefined,
      layers: undefined,
      sunken: undefined,
    }
    return {
      ...start,
      ...text,
      ...choice,
      ...noParts,
      ...(partName.value ? { [partName.value]: { ...parts[partName.value] } } : {}),
      ...findings.value,
      resinCode: choice.resinCode === undefined ? undefined : Number(choice.resinCode),
      label: readLabelText.value.label,
      shape,
      fillMm: isKnown ? wholeRimMm - rolledMm - headspaceMm : undefined,
      rolledMm: rolledMm === 0 ? undefined : rolledMm,
      linerMm: choice.type === 'basket' && linerMm !== 0 ? linerMm : undefined,
      wallMm,
      mulchMm,
      baseHeightMm:
        baseHeightMm === undefined ? undefined : isSunken.value ? -baseHeightMm : baseHeightMm,
    }
  })

  const checkedForm = computed(() =>
    containerSchema.safeParse(candidate.value, { reportInput: true }),
  )

  /** Faults by the path of their field within the container, the shape's sizes by their name alone. */
  const faults = computed<Readonly<Record<string, Fault>>>(() => {
    const byField: Record<string, Fault> = {}
    const found = checkedForm.value.success ? [] : faultsOf(checkedForm.value.error)
    for (const fault of found) {
      const steps = fault.path[0] === 'shape' ? fault.path.slice(1) : fault.path
      byField[steps.join('.')] ??= fault
    }
    if (takenCodes().includes(text.code.trim()))
      byField['code'] = { path: ['code'], code: 'codeTaken', params: {} }
    const { fault } = readLabelText.value
    if (fault) byField['label'] = { path: ['label'], code: fault.code, params: fault.params }
    return byField
  })

  const container = computed<Container | undefined>(() => checkedForm.value.data)
  const volumes = computed(() => container.value && containerVolumes(container.value))
  const labelFinding = computed(() => {
    const label = container.value?.label
    return label && volumes.value && judgeLabel(label, volumes.value.labelledVolumeL)
  })
  const isSavable = computed(() => !!container.value && Object.keys(faults.value).length === 0)
  /** A new reader for each thickness of the wall, since a tape round the outside depends on it. */
  const readDiameter = computed(() => {
    const wallMm = lengths.wallMm ?? 0
    return (typed: string, mark: DecimalMark) => parseDiameter(typed, system(), wallMm, mark)
  })

  /** How high a bag lies that holds what its label says, where it says litres. */
  const lyingHeightMm = computed(() => {
    const { topLengthMm, topWidthMm } = sizes
    const volumeL = readLabelText.value.label?.volumeL
    if (choice.type !== 'flatBag' || !volumeL || !topLengthMm || !topWidthMm) return undefined
    return (volumeL * 1e6) / (topLengthMm * topWidthMm)
  })

  return {
    text,
    choice,
    sizes,
    lengths,
    parts,
    partName,
    hasRings,
    measured,
    isSunken,
    faults,
    container,
    volumes,
    labelFinding,
    isSavable,
    readDiameter,
    lyingHeightMm,
  }
}
