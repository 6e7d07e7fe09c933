import { computed, reactive } from 'vue'
import {
  faultsOf,
  guessNormals,
  leansOn,
  own,
  placeSchema,
  type Fault,
  type Place,
  type Town,
  type UnitSystem,
} from '@rimbo/core'
import { numberIn } from '../ui/fields/numberIn'

/** What the list, or the browser, knows of a place. */
type TakenPlace = Pick<Town, 'name' | 'latitudeDeg' | 'longitudeDeg' | 'elevationM' | 'coastal'>

/** What a form of a place has: a text where a text is typed. */
interface PlaceTyped {
  name: string
  latitude: string
  longitude: string
  elevationMm: number | undefined
  coastal: boolean
}

const typedOf = (place: Place | undefined, written: (deg: number) => string): PlaceTyped => ({
  name: place?.name ?? '',
  latitude: place ? written(place.latitudeDeg) : '',
  longitude: place ? written(place.longitudeDeg) : '',
  elevationMm: place && place.elevationM * 1000,
  coastal: place?.coastal ?? false,
})

/**
 * A place as it is typed or taken from the list, with what is wrong with it by field, and the
 * climate that is guessed for it.
 *
 * @param unnamed what a place is called that was given no name
 * @param written how degrees are written into a field
 */
export function usePlaceForm(
  start: Place | undefined,
  system: () => UnitSystem,
  unnamed: string,
  written: (deg: number) => string,
) {
  const fields = reactive(typedOf(start, written))
  // No thousands of degrees: whichever mark there is parts the tenths.
  const degrees = (text: string) =>
    text.trim() ? numberIn(text.replace('°', '').replace(',', '.'), system(), 'point') : undefined
  const checked = computed(() =>
    placeSchema.safeParse(
      {
        ...start,
        name: fields.name.trim() || unnamed,
        latitudeDeg: degrees(fields.latitude),
        longitudeDeg: degrees(fields.longitude) ?? 0,
        elevationM: fields.elevationMm === undefined ? undefined : fields.elevationMm / 1000,
        coastal: fields.coastal,
      },
      { reportInput: true },
    ),
  )
  const place = computed<Place | undefined>(() => checked.value.data)
  const faults = computed(() => {
    const found: Record<string, Fault> = {}
    for (const fault of checked.value.success ? [] : faultsOf(checked.value.error))
      found[String(fault.path[0])] ??= fault
    return found
  })
  const faultAt = (field: keyof Place): Fault | undefined => own(faults.value, field)
  /** Without a longitude the climate is that of the latitude all around. */
  const whereabouts = computed(() => {
    const { value: where } = place
    const isAnywhere = !fields.longitude.trim()
    return where && { ...where, longitudeDeg: isAnywhere ? undefined : where.longitudeDeg }
  })
  const guessed = computed(() => whereabouts.value && guessNormals(whereabouts.value))
  /** Names of the places that the guess leans on. */
  const guessedFrom = computed(() => (whereabouts.value ? leansOn(whereabouts.value) : []))

  function take({ name, latitudeDeg, longitudeDeg, elevationM, coastal }: TakenPlace): void {
    Object.assign(fields, {
      name,
      latitude: written(latitudeDeg),
      longitude: written(longitudeDeg),
      elevationMm: elevationM === undefined ? undefined : elevationM * 1000,
      coastal,
    } satisfies PlaceTyped)
  }
  return { fields, place, guessed, guessedFrom, faultAt, take }
}
