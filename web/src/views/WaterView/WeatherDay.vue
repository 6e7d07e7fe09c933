<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { dateSchema, gardenToday, roundOf } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import { usePotWords } from '../../ui/words/potWords'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import DayForm from './DayForm.vue'
import WeatherFile from './WeatherFile.vue'
import WeatherSources from './WeatherSources.vue'

const { garden } = storeToRefs(useGardenStore())
const { date: todayDate, today } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { water, waterDepth, day } = useFormat()
const { plantWords } = usePotWords()

/** The day asked for: today, or any other of which the weather is typed. */
const date = ref(todayDate.value)
const isDay = computed(() => dateSchema.safeParse(date.value).success)
const shown = computed(() =>
  garden.value && isDay.value ? gardenToday(garden.value, date.value) : today.value,
)
const round = computed(
  () => shown.value && garden.value && roundOf(shown.value, garden.value.settings.measures.canL),
)
const planted = computed(() => round.value?.stops.filter((stop) => stop.pot.plants.length) ?? [])
</script>

<template>
  <div v-if="garden && shown && round" class="water-weather">
    <section class="panel water-day">
      <h1>{{ t('water.title') }}</h1>
      <DayForm :key="garden.id" v-model:date="date" :garden="garden" />
      <WeatherFile />
      <WeatherSources />
    </section>
    <section class="panel sheet water-pots">
      <template v-if="shown.reference && shown.source !== 'typical'">
        <h2>{{ day(shown.date) }}</h2>
        <p class="water-reference">
          {{ t('water.draws') }}
          <WhyNumber
            :value="waterDepth(shown.reference.mm)"
            :reasons="shown.referenceReasons"
            :about="t('water.reference')"
          />
          {{ t('water.reference') }}
        </p>
        <p v-if="shown.reference.assumed.length" class="soft">
          {{
            t('water.assumed', {
              terms: shown.reference.assumed.map((term) => t(`water.term.${term}`)).join(', '),
            })
          }}
        </p>
        <table v-if="planted.length">
          <thead>
            <tr>
              <th>{{ t('mix.pot') }}</th>
              <th>{{ t('water.plants') }}</th>
              <th class="number">{{ t('water.today') }}</th>
              <th class="number">{{ t('water.given') }}</th>
              <th class="number">{{ t('water.left') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="{ pot } in planted" :key="pot.container.id" :data-pot="pot.container.code">
              <th scope="row">{{ pot.container.code }}</th>
              <td>{{ plantWords(pot) }}</td>
              <td class="number">
                <WhyNumber
                  v-if="pot.need"
                  :value="water(pot.need.waterL)"
                  :reasons="pot.need.reasons"
                  :about="`${pot.container.code}, ${t('water.today')}`"
                />
              </td>
              <td class="number">{{ pot.givenL > 0 ? water(pot.givenL) : '–' }}</td>
              <td class="number">
                <WhyNumber
                  v-if="pot.amountReasons.length"
                  :value="pot.remainingL > 0 ? water(pot.remainingL) : '–'"
                  :reasons="pot.amountReasons"
                  :about="`${pot.container.code}, ${t('water.left')}`"
                />
                <template v-else>{{ pot.remainingL > 0 ? water(pot.remainingL) : '–' }}</template>
              </td>
            </tr>
          </tbody>
          <tfoot>
            <tr>
              <th scope="row" colspan="2">{{ t('water.total') }}</th>
              <td class="number">
                <strong>{{ water(round.wholeDayL) }}</strong>
              </td>
              <td colspan="2" class="number strong">
                {{
                  round.dueCount
                    ? t('water.carry', {
                        cans: t('lineUp.cans', round.cans),
                        litres: water(round.carryL),
                      })
                    : t('round.allDone')
                }}
              </td>
            </tr>
          </tfoot>
        </table>
        <p v-else>
          {{ t('water.noPlants') }} <router-link to="/fit">{{ t('view.fit') }}</router-link>
        </p>
      </template>
      <template v-else>
        <h2>{{ t('water.noWeatherTitle', { day: day(shown.date) }) }}</h2>
        <p>{{ t('water.noWeatherText') }}</p>
      </template>
    </section>
  </div>
</template>

<style>
.water-weather {
  display: flex;
  flex: 1;
  min-height: 0;
  gap: 12px;
}
.water-day {
  width: 350px;
  flex: none;
}
.water-pots {
  flex: 1;
  min-width: 0;
}
.water-reference .why-number {
  font: 750 30px/1 var(--font-heading);
  color: var(--wet-ink);
}
@media (max-width: 700px) {
  .water-weather {
    flex-direction: column;
  }
  .water-day,
  .water-pots {
    width: auto;
    flex: none;
  }
}
</style>
