import { computed, inject, type InjectionKey, type Ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { unitsOfRegion, type Dimension, type Measured, type UnitSystem } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { createFormat, inQuarters } from './createFormat'
import { dayText, decimalMark, regionOf, typedNumber } from './formatters'

/** Units of a part of the page that speaks of no garden yet, or of another than the open one. */
export const unitsHere: InjectionKey<Ref<UnitSystem | undefined>> = Symbol('units')

/** Numbers of the open garden as shown: in its units, in its language. */
export function useFormat() {
  const { garden } = storeToRefs(useGardenStore())
  const { t, locale } = useI18n()
  const own = inject(unitsHere, undefined)
  const system = computed<UnitSystem>(
    () => own?.value ?? garden.value?.settings.unitSystem ?? unitsOfRegion(regionOf()),
  )
  const format = computed(() =>
    createFormat(
      system.value,
      locale.value,
      (name) => t(`unit.${name}`),
      garden.value?.settings.currency,
    ),
  )
  const decimal = computed(() => decimalMark(locale.value))
  return {
    system,
    /** The decimal mark of the reader’s language. */
    decimal,
    /** A word within a sentence: in small letters, but for German, whose nouns keep their capital. */
    inSentence: (word: string) => (locale.value === 'de' ? word : word.toLowerCase()),
    /** A number as it is typed into a field. */
    typed: (value: number, significant: number) => typedNumber(locale.value, value, significant),
    /** Of any dimension, in its usual unit. */
    quantity: (value: number, dimension: Dimension) => format.value.quantity(value, dimension),
    volume: (value: number) => format.value.quantity(value, 'volume'),
    /** Water to be given: two figures, as finely as it can be poured or is known. */
    water: (value: number) => format.value.quantity(value, 'volume', 2),
    length: (value: number) => format.value.quantity(value, 'length'),
    mass: (value: number) => format.value.quantity(value, 'mass'),
    /** A dose: two figures, as finely as a spoon or a kitchen scale can measure it. */
    dose: (massG: number, volumeMl?: number) =>
      volumeMl === undefined
        ? format.value.quantity(massG, 'mass', 2)
        : format.value.quantity(volumeMl / 1000, 'volume', 2),
    temp: (value: number) => format.value.quantity(value, 'temperature'),
    area: (value: number) => format.value.quantity(value, 'area', 2),
    share: (value: number) => format.value.quantity(value, 'share'),
    waterDepth: (value: number) => format.value.waterDepth(value),
    areaLoad: (value: number) => format.value.areaLoad(value),
    /** Density of a mix, three figures. */
    density: (value: number) => format.value.perLitre(value, 3),
    money: (value: number) => format.value.money(value),
    tenths: (value: number) => format.value.tenths(value),
    /** A factor: two figures. */
    factor: (value: number) => format.value.digits(value, 2),
    number: (value: number) => format.value.digits(value, 3),
    params: (given: Readonly<Record<string, string | number>>) => format.value.params(given),
    measured: ({ measure, count }: Measured) =>
      t(`measure.${measure}`, { count: inQuarters(count) }, count > 1 ? 2 : 1),
    day: (
      date: string,
      style: Intl.DateTimeFormatOptions = { weekday: 'short', day: 'numeric', month: 'long' },
    ) => dayText(date, style),
  }
}
