import { computed, ref, shallowRef, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useRoute } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { isSameMix, own, recipeOf, recipes, tryMix, type Recipe } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useNames } from '../../ui/words/names'

/** One recipe for the chosen pots, or each pot with the mix that is set for it. */
export const OWN = 'each-its-own'

/**
 * What the Mix view works on: the recipe, changed or as it is, and the pots it
 * is for. What was changed of a recipe stays until it is saved or put back.
 */
export function useMixing() {
  const { garden } = storeToRefs(useGardenStore())
  const { today } = storeToRefs(useTodayStore())
  const route = useRoute()
  const { t } = useI18n()
  const { recipeName } = useNames()

  const choice = ref<string | undefined>()
  const chosenIds = ref<string[]>([])
  const shownId = ref<string | undefined>()
  const changed = shallowRef<Record<string, Recipe>>({})

  const pots = computed(() => today.value?.pots ?? [])
  const base = computed(() =>
    garden.value && choice.value !== OWN ? recipeOf(garden.value, choice.value) : undefined,
  )
  const recipe = computed(() => base.value && (own(changed.value, base.value.id) ?? base.value))
  const isChanged = computed(
    () => !!base.value && !!recipe.value && !isSameMix(base.value, recipe.value),
  )

  function change(to: Recipe): void {
    if (!base.value) return
    const { id } = base.value
    // What was measured of a mix holds for that mix, not for one that was changed.
    const draft = isSameMix(base.value, to)
      ? base.value
      : { ...to, id: `draft-${id}`, name: t('mix.changedName', { name: recipeName(base.value) }) }
    changed.value = { ...changed.value, [id]: draft }
  }
  function putBack(): void {
    const rest = { ...changed.value }
    delete rest[base.value?.id ?? '']
    changed.value = rest
  }

  /** Picks the pots that have a recipe already, so that the view opens on something true. */
  function chooseRecipe(id: string): void {
    choice.value = id
    const having = pots.value.filter((pot) =>
      id === OWN ? pot.mix : pot.container.recipeId === id,
    )
    if (id === OWN || having.length) chosenIds.value = having.map((pot) => pot.container.id)
  }
  watch(
    () => [route.query['recipe'], garden.value?.id] as const,
    ([wanted]) => {
      changed.value = {}
      const first = pots.value[0]?.container
      const id = typeof wanted === 'string' ? wanted : (first?.recipeId ?? recipes[0]!.id)
      chooseRecipe(id)
      if (!chosenIds.value.length && first) chosenIds.value = [first.id]
    },
    { immediate: true },
  )

  const chosen = computed(() =>
    pots.value.filter((pot) => chosenIds.value.includes(pot.container.id)),
  )
  const tried = computed(() =>
    garden.value && recipe.value ? tryMix(garden.value, chosen.value, recipe.value) : undefined,
  )
  /** The one pot that is drawn large: the one last looked at, else the first chosen. */
  const shown = computed(
    () =>
      tried.value?.pots.find(({ pot }) => pot.container.id === shownId.value) ??
      tried.value?.pots[0],
  )

  return {
    pots,
    choice,
    chosenIds,
    chosen,
    base,
    recipe,
    isChanged,
    tried,
    shown,
    show: (id: string) => void (shownId.value = id),
    chooseRecipe,
    change,
    putBack,
  }
}
export type Mixing = ReturnType<typeof useMixing>
