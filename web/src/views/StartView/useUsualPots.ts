import { useI18n } from 'vue-i18n'
import {
  nextCode,
  toUnit,
  usualContainers,
  type Container,
  type Garden,
  type UsualContainer,
} from '@rimbo/core'
import { useFormat } from '../../ui/words/format'

/** The usual mix until another is told. */
const USUAL_MIX = 'thirds'

/** Usual containers by name, and as they come to stand in a garden. */
export function useUsualPots() {
  const { t } = useI18n()
  const { system, length, volume } = useFormat()

  /** As it is asked for in a shop: by the inch or centimetre, the gallon, the litre. */
  function sizeOf({ named }: UsualContainer): string {
    if ('gal' in named) return t('start.gallons', { count: named.gal })
    if ('litres' in named) return volume(named.litres)
    return system.value === 'us'
      ? `${Math.round(toUnit(named.mm, 'length', 'in'))} ${t('unit.in')}`
      : length(named.mm)
  }
  const nameOf = (usual: UsualContainer) => t(`start.usual.${usual.type}`, { size: sizeOf(usual) })

  const containerOf = (
    usual: UsualContainer,
    id: string,
    code: string,
    spaceId: string,
  ): Container => ({
    ...structuredClone(usual.measures),
    id,
    code,
    name: nameOf(usual),
    type: usual.type,
    spaceId,
    recipeId: USUAL_MIX,
    mulchMm: 0,
    exposure: 'open',
    isTypical: true,
  })

  /** So many of each, with ids and short names that are free. */
  function containersOf(
    garden: Garden,
    counts: ReadonlyMap<string, number>,
    newId: () => string,
  ): Container[] {
    const spaceId = garden.spaces[0]!.id
    const added: Container[] = []
    for (const usual of usualContainers)
      for (let count = counts.get(usual.id) ?? 0; count > 0; count--) {
        const code = nextCode({ ...garden, containers: [...garden.containers, ...added] }, 'P1')
        added.push(containerOf(usual, newId(), code, spaceId))
      }
    return added
  }
  return { nameOf, containerOf, containersOf }
}
