<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { recipes, type Garden, type WhatIf, type WhatIfKind } from '@rimbo/core'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import WhyNumber from '../../ui/words/WhyNumber.vue'

/** The same days done otherwise, side by side; the one that is picked is drawn. */
const props = defineProps<{ rows: readonly WhatIf[]; garden: Garden }>()
const picked = defineModel<WhatIfKind | undefined>('picked', { required: true })
const recipeId = defineModel<string>('recipeId', { required: true })
const { t } = useI18n()
const { water, share, tenths } = useFormat()
const { recipeName } = useNames()

const choices = computed(() => [...recipes, ...props.garden.recipes])
const toggle = (kind: WhatIfKind) => (picked.value = picked.value === kind ? undefined : kind)
</script>

<template>
  <div class="sideways">
    <table class="what-if">
      <caption class="visually-hidden">
        {{
          t('waterView.whatIfTitle')
        }}
      </caption>
      <thead>
        <tr>
          <th>{{ t('waterView.whatIfTitle') }}</th>
          <th class="number">{{ t('waterView.column.uses') }}</th>
          <th class="number">{{ t('waterView.column.visits') }}</th>
          <th class="number">{{ t('waterView.column.short') }}</th>
          <th class="number">{{ t('waterView.column.hangs') }}</th>
          <th class="number">{{ t('waterView.column.lowest') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.kind" :class="{ 'is-picked': picked === row.kind }">
          <th scope="row">
            <button
              v-if="row.kind !== 'asItIs'"
              type="button"
              class="what-if-pick"
              :aria-pressed="picked === row.kind"
              @click="toggle(row.kind)"
            >
              {{ t(`waterView.whatIf.${row.kind}`) }}
            </button>
            <template v-else>{{ t('waterView.whatIf.asItIs') }}</template>
            <el-select
              v-if="row.kind === 'otherMix'"
              v-model="recipeId"
              size="small"
              class="what-if-mix"
              :aria-label="t('waterView.whatIf.otherMix')"
            >
              <el-option
                v-for="one in choices"
                :key="one.id"
                :value="one.id"
                :label="recipeName(one)"
              />
            </el-select>
          </th>
          <td class="number">
            <WhyNumber
              v-if="row.reasons.length"
              :value="water(row.useL)"
              :reasons="row.reasons"
              :about="t(`waterView.whatIf.${row.kind}`)"
            />
            <template v-else>{{ water(row.useL) }}</template>
          </td>
          <td class="number">{{ tenths(row.visitsAWeek) }}</td>
          <td class="number">
            {{ row.shortH ? t('waterView.hours', { count: row.shortH }) : '–' }}
          </td>
          <td class="number" :class="{ strong: row.wiltedH > 0 }">
            {{ row.wiltedH ? t('waterView.hours', { count: row.wiltedH }) : '–' }}
          </td>
          <td class="number">{{ share(row.lowestShare) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style>
.what-if {
  font-size: 14.5px;
}
.what-if :is(th, td) {
  padding: 0 6px;
  line-height: 23px;
}
.what-if tbody th {
  font-weight: 400;
}
.what-if .is-picked {
  background: var(--picked);
}
.what-if-pick {
  all: unset;
  cursor: pointer;
  text-decoration: underline dotted;
}
.what-if-pick:focus-visible {
  outline: 2px solid var(--wet-ink);
}
.what-if-mix {
  width: 150px;
  margin-left: 8px;
}
</style>
