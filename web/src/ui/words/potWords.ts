import { useI18n } from 'vue-i18n'
import type { PotToday } from '@rimbo/core'
import { useFormat } from './format'
import { useNames } from './names'

/** A pot in words: for captions, and whole for a screen reader. */
export function usePotWords() {
  const { t } = useI18n()
  const { volume, water, length, share } = useFormat()
  const { varietyName, recipeName } = useNames()

  const plantWords = (pot: PotToday): string =>
    pot.plants
      .map(({ variety, planting }) =>
        planting.count > 1 ? `${varietyName(variety)} ×${planting.count}` : varietyName(variety),
      )
      .join(', ') || t('pot.noPlants')

  const waterWords = (pot: PotToday): string =>
    !pot.need
      ? ''
      : pot.remainingL > 0
        ? water(pot.remainingL)
        : pot.givenL > 0
          ? t('pot.given', { litres: water(pot.givenL) })
          : t('pot.noWater')

  function wholeWords(pot: PotToday): string {
    const { container, volumes, mix, plants } = pot
    const growth = plants[0]?.growth
    return [
      `${container.code}, ${container.name}`,
      t('pot.saysVolume', { rim: volume(volumes.rimVolumeL), fill: volume(volumes.fillVolumeL) }),
      plantWords(pot),
      ...(growth ? [t('pot.saysHeight', { height: length(growth.heightMm) })] : []),
      ...(mix
        ? [
            t('pot.saysMix', {
              mix: recipeName(mix.recipe),
              water: share(mix.drained.containerCapacity),
            }),
          ]
        : []),
      ...(pot.need ? [t('pot.saysWater', { water: waterWords(pot) })] : []),
    ].join('. ')
  }

  return { plantWords, waterWords, wholeWords }
}
