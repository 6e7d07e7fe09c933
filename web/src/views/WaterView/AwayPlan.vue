<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { awayHelps, InputError, planLeaving, type AwayHelp, type GardenCourse } from '@rimbo/core'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'

/** Days away: which pots come through, and the fewest things that save the others. */
const props = defineProps<{ course: GardenCourse }>()
const { t } = useI18n()
const { share } = useFormat()
const { ofError: faultWords } = useFaultText()

const days = ref(7)
const helps = ref<AwayHelp[]>([...awayHelps])
const hasNeighbour = ref(true)
const neighbourOnDay = ref(4)

const found = computed(() => {
  try {
    return {
      plan: planLeaving(props.course, {
        days: days.value,
        helps: helps.value,
        neighbourOnDay: hasNeighbour.value ? neighbourOnDay.value : undefined,
      }),
    }
  } catch (error) {
    if (error instanceof InputError) return { fault: faultWords(error) }
    throw error
  }
})
const rows = computed(() => {
  const { plan } = found.value
  return (plan?.alone ?? []).map((alone) => ({
    alone,
    container: props.course.pots.find(({ container }) => container.id === alone.id)!.container,
    saved: plan!.smallest.find(({ id }) => id === alone.id)!,
  }))
})
const saved = computed(
  () => found.value.plan?.alone.filter(({ outcome }) => isFine(outcome.verdict)).length ?? 0,
)
const isFine = (verdict: string) => verdict === 'well' || verdict === 'thirsty'
const HOURS = 24
const inDays = (hours: number | undefined) =>
  hours === undefined
    ? '–'
    : t('waterView.away.afterDays', { count: Math.round((hours / HOURS) * 10) / 10 })
</script>

<template>
  <div class="water-columns">
    <section class="panel away-asked">
      <h1>{{ t('waterView.away.title') }}</h1>
      <label class="field-label" for="away-days">{{ t('waterView.away.days') }}</label>
      <el-input-number id="away-days" v-model="days" :min="1" :max="60" :precision="0" />
      <el-checkbox v-model="hasNeighbour">{{ t('waterView.away.neighbour') }}</el-checkbox>
      <el-input-number
        v-if="hasNeighbour"
        v-model="neighbourOnDay"
        :min="1"
        :max="Math.max(1, days - 1)"
        :precision="0"
        :aria-label="t('waterView.away.neighbourDay')"
      />
      <h2>{{ t('waterView.away.helps') }}</h2>
      <el-checkbox-group v-model="helps" class="away-helps">
        <el-checkbox v-for="help in awayHelps" :key="help" :value="help">
          {{ t(`waterView.away.help.${help}`) }}
        </el-checkbox>
      </el-checkbox-group>
      <p class="soft">{{ t('waterView.away.caution') }}</p>
    </section>
    <section class="panel sheet away-found" tabindex="0" :aria-label="t('waterView.found')">
      <p v-if="found.fault" class="strong" role="alert">{{ found.fault }}</p>
      <template v-else-if="found.plan">
        <h2 data-away>
          {{ t('waterView.away.alone', { saved, count: rows.length }, rows.length) }}
        </h2>
        <p class="away-set">
          <template v-if="found.plan.unsavedIds.length">
            {{
              t(
                'waterView.away.unsaved',
                { count: found.plan.unsavedIds.length },
                found.plan.unsavedIds.length,
              )
            }}
          </template>
          <template v-else-if="found.plan.count === 0">{{ t('waterView.away.none') }}</template>
          <template v-else>
            {{ t('waterView.away.set', { count: found.plan.count }, found.plan.count) }}
          </template>
          {{ ' '
          }}<strong v-if="found.plan.neighbourOnDay">
            {{ t('waterView.away.neighbourOn', { day: found.plan.neighbourOnDay }) }}
          </strong>
        </p>
        <table>
          <thead>
            <tr>
              <th>{{ t('mix.pot') }}</th>
              <th>{{ t('waterView.away.leftAlone') }}</th>
              <th class="number">{{ t('waterView.fact.short') }}</th>
              <th class="number">{{ t('waterView.fact.hangs') }}</th>
              <th class="number">{{ t('waterView.column.lowest') }}</th>
              <th>{{ t('waterView.away.do') }}</th>
              <th>{{ t('waterView.away.then') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.alone.id" :data-pot="row.container.code">
              <th scope="row">
                {{ row.container.code }} <span class="soft">{{ row.container.name }}</span>
              </th>
              <td :class="{ strong: !isFine(row.alone.outcome.verdict) }">
                {{ t(`waterView.away.verdict.${row.alone.outcome.verdict}`) }}
              </td>
              <td class="number">{{ inDays(row.alone.outcome.shortAfterH) }}</td>
              <td class="number">{{ inDays(row.alone.outcome.wiltsAfterH) }}</td>
              <td class="number">{{ share(row.alone.outcome.lowestShare) }}</td>
              <td>
                {{
                  row.saved.helps.map((help) => t(`waterView.away.short.${help}`)).join(', ') || '–'
                }}
              </td>
              <td>{{ t(`waterView.away.verdict.${row.saved.outcome.verdict}`) }}</td>
            </tr>
          </tbody>
        </table>
        <p class="soft">{{ t('waterView.away.how') }}</p>
      </template>
    </section>
  </div>
</template>

<style>
.away-asked {
  width: 290px;
  flex: none;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 8px;
}
.away-helps {
  display: grid;
}
.away-found {
  flex: 1;
  min-width: 0;
  overflow: auto;
}
.away-found :is(th, td) {
  padding: 3px 8px;
}
.away-found tbody th {
  font-weight: 600;
}
.away-found tbody th .soft {
  font-weight: 400;
}
@media (max-width: 700px) {
  .away-asked {
    width: auto;
  }
  .away-found {
    overflow: visible;
  }
}
</style>
