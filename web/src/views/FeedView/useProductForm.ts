import { computed, reactive, ref } from 'vue'
import {
  faultsOf,
  isInWater,
  labelToElements,
  measureMl,
  productSchema,
  type FeedProduct,
  type Fault,
  type LabelRate,
  type Measures,
  type ProductForm,
  type UnitSystem,
} from '@rimbo/core'

export const printedNutrients = ['n', 'p', 'k', 'ca', 'mg', 's'] as const
const OXIDE = { n: 'n', p: 'p2o5', k: 'k2o', ca: 'cao', mg: 'mgo', s: 'so3' } as const
type Printed = (typeof printedNutrients)[number]

/** Where it goes, and what to mind, by the kind of feed: what a label means by it. */
const BY_FORM: Readonly<Record<ProductForm, Pick<FeedProduct, 'placement' | 'cautions'>>> = {
  granularOrganic: { placement: 'throughUpperTwoThirds', cautions: ['dust', 'dogs'] },
  mineralGranules: { placement: 'ring', cautions: ['dust'] },
  mineralSalt: { placement: 'drench', cautions: [] },
  solubleCrystals: { placement: 'drench', cautions: [] },
  liquid: { placement: 'drench', cautions: [] },
  controlledRelease: { placement: 'wholeMix', cautions: [] },
  lime: { placement: 'wholeMix', cautions: ['dust', 'lime'] },
  compost: { placement: 'topDress', cautions: ['dust'] },
  additive: { placement: 'throughUpperTwoThirds', cautions: [] },
  notFeed: { placement: 'foliar', cautions: ['spray'] },
}

/** The state of the product form: what stands on a label, the product it makes, the faults by field. */
export function useProductForm(
  start: FeedProduct | undefined,
  id: string,
  system: UnitSystem,
  measures: Measures,
) {
  const spoonMl = measureMl('tablespoon', system, measures)
  const name = ref(start?.name ?? '')
  const form = ref<ProductForm | undefined>(start?.form ?? 'solubleCrystals')
  const analysis = start?.analysis ?? {}
  const printed = ref<'asOxide' | 'asElement' | undefined>(
    printedNutrients.some((one) => one !== 'n' && analysis[one] !== undefined)
      ? 'asElement'
      : 'asOxide',
  )
  const percents = reactive<Record<Printed, number | undefined>>({
    n: analysis.n,
    p: analysis.p2o5 ?? analysis.p,
    k: analysis.k2o ?? analysis.k,
    ca: analysis.cao ?? analysis.ca,
    mg: analysis.mgo ?? analysis.mg,
    s: analysis.so3 ?? analysis.s,
  })
  const spoonG = ref<number | undefined>(
    start?.densityGMl === undefined ? undefined : start.densityGMl * spoonMl,
  )
  const first = start?.rates[0]
  const rateKind = ref<LabelRate['kind'] | undefined>(first?.kind ?? 'perLitreWater')
  const amount = ref<number | undefined>(amountOf(first))
  const most = ref<number | undefined>(mostOf(first))
  const unit = ref<'g' | 'ml' | undefined>(first && 'unit' in first ? first.unit : 'g')
  const beside = ref<number | undefined>(besideOf(first))
  const capMl = ref<number | undefined>(first?.kind === 'capful' ? first.capMl : undefined)
  const ureaPercent = ref<number | undefined>(
    start?.ureaShare === undefined ? undefined : start.ureaShare * 100,
  )
  const leastDays = ref<number | undefined>(start?.leastDays)
  const longevityDays = ref<number | undefined>(start?.longevityDays)
  const packG = ref<number | undefined>(start?.packs[0]?.massG)
  const price = ref<number | undefined>(start?.packs[0]?.price)

  const label = computed(() =>
    Object.fromEntries(
      printedNutrients.flatMap((one) =>
        percents[one] === undefined
          ? []
          : [[printed.value === 'asElement' ? one : OXIDE[one], percents[one]]],
      ),
    ),
  )
  const rate = computed((): Record<string, unknown> => {
    const kind = rateKind.value
    switch (kind) {
      case 'perLitreWater':
        return { kind, amount: amount.value, mostAmount: most.value, unit: unit.value }
      case 'perCan':
        return { kind, amount: amount.value, unit: unit.value, canL: beside.value }
      case 'dilution':
        return { kind, waterParts: amount.value }
      case 'capful':
        return { kind, caps: amount.value, capMl: capMl.value, canL: beside.value }
      case 'perPot':
        return { kind, massG: amount.value, mostG: most.value, potVolumeL: beside.value }
      default:
        return { kind, massG: amount.value, mostG: most.value }
    }
  })
  const checked = computed(() =>
    productSchema.safeParse(
      {
        ...(start ?? {}),
        id,
        name: name.value,
        form: form.value,
        analysis: label.value,
        densityGMl: spoonG.value === undefined ? undefined : spoonG.value / spoonMl,
        ureaShare: ureaPercent.value === undefined ? undefined : ureaPercent.value / 100,
        rates: amount.value === undefined ? [] : [rate.value],
        leastDays: leastDays.value,
        longevityDays: longevityDays.value,
        // A feed that stays what it was is given as it was.
        ...(start?.form === form.value ? {} : BY_FORM[form.value ?? 'solubleCrystals']),
        packs: packG.value === undefined ? [] : [{ massG: packG.value, price: price.value ?? 0 }],
      },
      { reportInput: true },
    ),
  )
  const faults = computed(
    (): ReadonlyMap<string, Fault> =>
      new Map(
        checked.value.success
          ? []
          : faultsOf(checked.value.error).map((fault) => [fault.path.join('.'), fault]),
      ),
  )
  const elements = computed(() => labelToElements(label.value))
  return {
    name,
    form,
    printed,
    percents,
    spoonG,
    rateKind,
    amount,
    most,
    unit,
    beside,
    capMl,
    leastDays,
    longevityDays,
    packG,
    price,
    checked,
    faults,
    elements,
    ureaPercent,
  }
}

function amountOf(rate: LabelRate | undefined): number | undefined {
  if (!rate) return undefined
  if (rate.kind === 'dilution') return rate.waterParts
  if (rate.kind === 'capful') return rate.caps
  return 'amount' in rate ? rate.amount : rate.massG
}
function mostOf(rate: LabelRate | undefined): number | undefined {
  if (!rate) return undefined
  if (isInWater(rate)) return 'mostAmount' in rate ? rate.mostAmount : undefined
  return 'mostG' in rate ? rate.mostG : undefined
}
function besideOf(rate: LabelRate | undefined): number | undefined {
  if (!rate) return undefined
  if ('canL' in rate) return rate.canL
  return 'potVolumeL' in rate ? rate.potVolumeL : undefined
}
