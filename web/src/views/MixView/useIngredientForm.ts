import { computed, reactive, ref } from 'vue'
import {
  faultsOf,
  ingredientSchema,
  ingredients,
  own,
  type Fault,
  type Ingredient,
  type Pack,
} from '@rimbo/core'

type PackValues = { [K in 'labelL' | 'labelG' | 'looseL' | 'price']: number | undefined } & {
  kind: Pack['kind']
}

const packValues = ({ kind, labelL, labelKg, looseL, price }: Pack): PackValues => ({
  kind,
  labelL,
  labelG: labelKg === undefined ? undefined : labelKg * 1000,
  looseL,
  price,
})

const packOf = ({ kind, labelL, labelG, looseL, price }: PackValues) => ({
  kind,
  ...(labelL === undefined ? {} : { labelL }),
  ...(labelG === undefined ? {} : { labelKg: labelG / 1000 }),
  // A loose bag holds what its label says.
  looseL: looseL ?? labelL,
  price,
})

/** Fields of one number each, as the form asks for them. */
export const plainFields = ['ph', 'bufferGL', 'carbonToNitrogen', 'ecDsM'] as const
export const shareFields = ['coarseShare', 'carbonShare', 'decayShare', 'settleShare'] as const
const densityFields = ['bulkDensityGL', 'moistDensityGL'] as const

/** The state of the ingredient form: what was typed, the ingredient it makes, the faults by field. */
export function useIngredientForm(start: Ingredient) {
  const name = ref(start.name ?? '')
  const numbers = reactive<Record<string, number | undefined>>({})
  const water = ref<(number | undefined)[]>([])
  const packs = ref<PackValues[]>([])
  const isMeasured = ref(start.isMeasured ?? false)

  /** Takes over all figures of an ingredient, but neither its id nor its name. */
  function fill(from: Ingredient): void {
    for (const field of [...plainFields, ...shareFields, ...densityFields])
      numbers[field] = from[field]
    water.value = [...from.waterShares]
    packs.value = from.packs.map(packValues)
  }
  fill(start)
  let like = start
  function startFrom(id: string): void {
    const typical = own(ingredients, id)
    if (!typical) return
    like = typical
    fill(typical)
  }

  const checked = computed(() =>
    ingredientSchema.safeParse(
      {
        ...like,
        ...numbers,
        id: start.id,
        name: name.value,
        waterShares: water.value,
        packs: packs.value.map(packOf),
        isMeasured: isMeasured.value,
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
  const addPack = () =>
    packs.value.push({
      kind: 'bag',
      labelL: undefined,
      labelG: undefined,
      looseL: undefined,
      price: undefined,
    })
  return { name, numbers, water, packs, isMeasured, checked, faults, startFrom, addPack }
}
