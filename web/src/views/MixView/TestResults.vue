<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Delete } from '@element-plus/icons-vue'
import {
  edits,
  judgeExtract,
  interpretDrainTest,
  recipeOf,
  type MixTest,
  type Reason,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** What was measured so far, newest first, and what follows from it. */
const store = useGardenStore()
const { garden } = storeToRefs(store)
const { t } = useI18n()
const { share, mass, volume, number, day } = useFormat()
const { recipeName, ingredientName, productName } = useNames()

function nameOf({ of, testedId }: MixTest): string {
  if (of === 'ingredient') return ingredientName(testedId)
  if (of === 'container')
    return garden.value?.containers.find(({ id }) => id === testedId)?.code ?? testedId
  if (of === 'product') return productName(testedId)
  const recipe = garden.value && recipeOf(garden.value, testedId)
  return recipe ? recipeName(recipe) : testedId
}

function resultOf(test: MixTest): { text: string; reasons: readonly Reason[] } {
  switch (test.kind) {
    case 'drain': {
      const { totalPorosity, containerCapacity, airSpace, reasons } = interpretDrainTest(test)
      const text = t('test.result.drain', {
        pores: share(totalPorosity),
        water: share(containerCapacity),
        air: share(airSpace),
      })
      return { text, reasons }
    }
    case 'shrinkage':
      return {
        text: t('test.result.shrinkage', { share: share(1 - test.mixedL / test.looseL) }),
        reasons: [],
      }
    case 'squeeze':
      return { text: t(`test.squeeze.${test.squeeze}`), reasons: [] }
    case 'weigh':
      return {
        text: t('test.result.weigh', { mass: mass(test.massG), volume: volume(test.volumeL) }),
        reasons: [],
      }
    case 'extract': {
      const { reasons } = judgeExtract(garden.value!, test)
      return {
        text: t('test.result.extract', { ph: number(test.ph), ec: number(test.ecDsM) }),
        reasons,
      }
    }
  }
}
const rows = computed(() =>
  [...(garden.value?.mixTests ?? [])]
    .reverse()
    .map((test) => ({ test, name: nameOf(test), ...resultOf(test) })),
)
const remove = (id: string) => store.edit(edits.removeMixTest(id))
</script>

<template>
  <section>
    <h2>{{ t('test.measured') }}</h2>
    <p v-if="!rows.length" class="soft">{{ t('test.noneYet') }}</p>
    <table v-else>
      <tbody>
        <tr v-for="row in rows" :key="row.test.id" :data-test="row.test.kind">
          <th scope="row">
            {{ row.name }}<br />
            <span class="soft"
              >{{ t(`test.kind.${row.test.kind}`) }},
              {{ day(row.test.at, { day: 'numeric', month: 'short', year: 'numeric' }) }}</span
            >
          </th>
          <td>
            <WhyNumber v-if="row.reasons.length" :value="row.text" :reasons="row.reasons" />
            <template v-else>{{ row.text }}</template>
            <span class="mark">{{ t('mark.measured') }}</span>
          </td>
          <td>
            <PushButton
              text
              :icon="Delete"
              :aria-label="t('test.remove', { name: row.name })"
              @click="remove(row.test.id)"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
