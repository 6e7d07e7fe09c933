import { computed, reactive, ref, watch } from 'vue'
import {
  containerSchema,
  containerVolumes,
  faultsOf,
  InputError,
  judgeLabel,
  parseDiameter,
  readLabel,
  rimHeightMm,
  typicalContainer,
  type Container,
  type ContainerType,
  type Fault,
  type Label,
  type Shape,
  type UnitSystem,
} from '@rimbo/core'

/** Every size that a form can ask for; which of them depends on the type. */
export type SizeName =
  | 'topDiameterMm'
  | 'bottomDiameterMm'
  | 'heightMm'
  | 'topLengthMm'
  | 'topWidthMm'
  | 'bottomLengthMm'
  | 'bottomWidthMm'
  | 'diameterMm'
  | 'depthMm'

export const sizesOf: Readonly<Record<ContainerType, readonly SizeName[]>> = {
  pot: ['topDiameterMm', 'bottomDiameterMm', 'heightMm'],
  bucket: ['topDiameterMm', 'bottomDiameterMm', 'heightMm'],
  fabricBag: ['topDiameterMm', 'bottomDiameterMm', 'heightMm'],
  box: ['topLengthMm', 'topWidthMm', 'bottomLengthMm', 'bottomWidthMm', 'heightMm'],
  basket: ['diameterMm', 'depthMm'],
}

const kindOf: Readonly<Record<ContainerType, Shape['kind']>> = {
  pot: 'round',
  bucket: 'round',
  fabricBag: 'round',
  box: 'rectangular',
  basket: 'bowl',
}

type Sizes = Partial<Record<SizeName, number | undefined>>

const sizesIn = (shape: Shape): Sizes => ({ ...shape })

/**
 * The state of the container form: what was typed, the container it makes if it
 * makes one, and the faults by field.
 */
export function useContainerForm(
  start: Container,
  system: () => UnitSystem,
  takenCodes: () => readonly string[],
) {
  const text = reactive({ code: start.code, name: start.name, label: start.label?.text ?? '' })
  const choice = reactive({
    type: start.type,
    material: start.material,
    exposure: start.exposure,
    spaceId: start.spaceId,
    recipeId: start.recipeId,
  })
  const sizes = reactive<Sizes>(sizesIn(start.shape))
  const lengths = reactive<
    Record<'headspaceMm' | 'wallMm' | 'mulchMm' | 'baseHeightMm', number | undefined>
  >({
    headspaceMm: rimHeightMm(start.shape) - start.fillMm,
    wallMm: start.wallMm,
    mulchMm: start.mulchMm,
    baseHeightMm: start.baseHeightMm,
  })
  /** Sunk below the ground, where it is. */
  const isSunken = ref(start.baseHeightMm < 0)
  if (isSunken.value) lengths.baseHeightMm = -start.baseHeightMm

  watch(
    () => choice.type,
    (type) => {
      const typical = typicalContainer(type)
      Object.assign(sizes, sizesIn(typical.shape))
      lengths.headspaceMm = rimHeightMm(typical.shape) - typical.fillMm
      lengths.wallMm = typical.wallMm
      lengths.baseHeightMm = typical.baseHeightMm
      isSunken.value = false
      choice.material = typical.material
    },
  )

  const readLabelText = computed<{ label?: Label; fault?: InputError }>(() => {
    if (!text.label.trim()) return {}
    // As it was read when it was typed: a gallon then may be another gallon in today's units.
    if (start.label && text.label === start.label.text) return { label: start.label }
    try {
      return { label: readLabel(text.label, system()) }
    } catch (error) {
      if (error instanceof InputError) return { fault: error }
      throw error
    }
  })

  /** The container as typed; sizes that cannot be read are left out, and the schema says so. */
  const candidate = computed<unknown>(() => {
    const kind = kindOf[choice.type]
    const shape: Record<string, unknown> = kind === start.shape.kind ? { ...start.shape } : { kind }
    for (const name of sizesOf[choice.type]) shape[name] = sizes[name]
    const rimMm = choice.type === 'basket' ? sizes.depthMm : sizes.heightMm
    const { headspaceMm, wallMm, mulchMm, baseHeightMm } = lengths
    return {
      ...start,
      ...text,
      ...choice,
      label: readLabelText.value.label,
      shape,
      fillMm: rimMm === undefined || headspaceMm === undefined ? undefined : rimMm - headspaceMm,
      wallMm,
      mulchMm,
      baseHeightMm:
        baseHeightMm === undefined ? undefined : isSunken.value ? -baseHeightMm : baseHeightMm,
    }
  })

  const checkedForm = computed(() =>
    containerSchema.safeParse(candidate.value, { reportInput: true }),
  )

  const faults = computed<Readonly<Record<string, Fault>>>(() => {
    const byField: Record<string, Fault> = {}
    const found = checkedForm.value.success ? [] : faultsOf(checkedForm.value.error)
    for (const fault of found) byField[String(fault.path.at(-1))] ??= fault
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
    return label && volumes.value && judgeLabel(label, volumes.value.rimVolumeL)
  })
  const isSavable = computed(() => !!container.value && Object.keys(faults.value).length === 0)
  /** A new reader for each thickness of the wall, since a tape round the outside depends on it. */
  const readDiameter = computed(() => {
    const wallMm = lengths.wallMm ?? 0
    return (typed: string) => parseDiameter(typed, system(), wallMm)
  })

  return {
    text,
    choice,
    sizes,
    lengths,
    isSunken,
    faults,
    container,
    volumes,
    labelFinding,
    isSavable,
    readDiameter,
  }
}
