import { useI18n } from 'vue-i18n'
import { storeToRefs } from 'pinia'
import { plainText, type GardenRecord } from '@rimbo/core'
import { useGardenStore } from '../stores/garden'
import { useRecordWords } from '../ui/words/recordWords'

/** What each record says, as it is searched: made when it is first asked for. */
export function useRecordSearch() {
  const { garden } = storeToRefs(useGardenStore())
  const { t } = useI18n()
  const { whatWords } = useRecordWords()
  let known = new WeakMap<GardenRecord, string>()
  let codes = new Map<string, string>()
  let of: unknown

  /** The words of a record, plain, with its pot, its day and its note. */
  function textOf(record: GardenRecord): string {
    const containers = garden.value?.containers
    if (of !== containers) {
      // Pots may be called otherwise now.
      of = containers
      known = new WeakMap()
      codes = new Map((containers ?? []).map(({ id, code, name }) => [id, `${code} ${name}`]))
    }
    const before = known.get(record)
    if (before !== undefined) return before
    const text = plainText(
      [
        codes.get(record.containerId ?? '') ?? '',
        t(`kind.${record.kind}`),
        whatWords(record),
        record.note ?? '',
        record.at,
      ].join(' '),
    )
    known.set(record, text)
    return text
  }
  return { textOf }
}
