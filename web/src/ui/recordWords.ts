import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { varietyOf, type GardenRecord } from '@rimbo/core'
import { useGardenStore } from '../stores/garden'
import { useFormat } from './format'
import { useNames } from './names'

/** A record in words. */
export function useRecordWords() {
  const { garden } = storeToRefs(useGardenStore())
  const { t } = useI18n()
  const { volume, mass, length, share } = useFormat()
  const { varietyName, productName } = useNames()

  function whatWords(record: GardenRecord): string {
    switch (record.kind) {
      case 'water': {
        const litres = volume(record.volumeL)
        return record.how === 'untilDrip' ? t('string.untilDrip', { litres }) : litres
      }
      case 'skipWater':
        return t(`skip.${record.reason}`)
      case 'finger':
        return `${t(`feel.${record.feel}`)}, ${t(`knuckle.${record.knuckle}`)}`
      case 'sign':
        return t(`sign.${record.sign}`)
      case 'feed':
        return [
          productName(record.productId),
          record.massG === undefined ? '' : mass(record.massG),
          record.volumeL === undefined
            ? ''
            : t('string.inWater', { litres: volume(record.volumeL) }),
        ]
          .filter(Boolean)
          .join(', ')
      case 'lime':
        return mass(record.massG)
      case 'pick':
        return [record.count ?? '', record.massG === undefined ? '' : mass(record.massG)]
          .filter(Boolean)
          .join(' · ')
      case 'sow':
      case 'potOn':
      case 'plant': {
        const variety = garden.value && varietyOf(garden.value, record.varietyId)
        return `${variety ? varietyName(variety) : record.varietyId} × ${record.count}`
      }
      case 'height':
        return length(record.heightMm)
      case 'weigh':
        return mass(record.massKg * 1000)
      case 'drained':
        return volume(record.volumeL)
      case 'probe':
        return share(record.moistureShare)
      case 'firstFlower':
      case 'firstRipe':
      case 'note':
        return ''
    }
  }
  return { whatWords }
}
