<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { dripFor, InputError, type GardenCourse } from '@rimbo/core'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import WhyNumber from '../../ui/words/WhyNumber.vue'

/** Drip from one timer: emitters for each pot, minutes for all. */
const props = defineProps<{ course: GardenCourse }>()
const { t } = useI18n()
const { water, share, number } = useFormat()
const { ofError: faultWords } = useFaultText()

const planted = computed(() => props.course.pots.filter(({ plants }) => plants.length > 0))
const left = ref<string[]>([])
const chosen = computed({
  get: () =>
    planted.value.map(({ container }) => container.id).filter((id) => !left.value.includes(id)),
  set: (ids) =>
    (left.value = planted.value
      .map(({ container }) => container.id)
      .filter((id) => !ids.includes(id))),
})
const found = computed(() => {
  try {
    return { line: dripFor(props.course, chosen.value) }
  } catch (error) {
    if (error instanceof InputError) return { fault: faultWords(error) }
    throw error
  }
})
const containerOf = (id: string) =>
  props.course.pots.find(({ container }) => container.id === id)!.container
</script>

<template>
  <div class="water-columns">
    <section class="panel away-asked">
      <h1>{{ t('waterView.drip.title') }}</h1>
      <p class="soft">{{ t('waterView.drip.text') }}</p>
      <el-checkbox-group v-model="chosen" class="away-helps">
        <el-checkbox v-for="{ container } in planted" :key="container.id" :value="container.id">
          {{ container.code }} {{ container.name }}
        </el-checkbox>
      </el-checkbox-group>
    </section>
    <section class="panel sheet away-found" tabindex="0" :aria-label="t('waterView.found')">
      <p v-if="found.fault" class="strong" role="alert">{{ found.fault }}</p>
      <template v-else-if="found.line">
        <h2 data-drip>
          <WhyNumber
            :value="
              t(
                'waterView.drip.minutes',
                { minutes: number(found.line.minutes), count: found.line.runsADay },
                found.line.runsADay,
              )
            "
            :reasons="found.line.reasons"
            :about="t('waterView.drip.title')"
          />
        </h2>
        <p>
          {{
            t('waterView.drip.sum', {
              gets: water(found.line.getsL),
              needs: water(found.line.needL),
              wasted: share(found.line.wastedShare),
            })
          }}
        </p>
        <table>
          <thead>
            <tr>
              <th>{{ t('mix.pot') }}</th>
              <th class="number">{{ t('waterView.drip.wants') }}</th>
              <th class="number">{{ t('waterView.drip.emitters') }}</th>
              <th class="number">{{ t('waterView.drip.gets') }}</th>
              <th class="number">{{ t('waterView.drip.over') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="pot in found.line.pots" :key="pot.containerId">
              <th scope="row">
                {{ containerOf(pot.containerId).code }}
                <span class="soft">{{ containerOf(pot.containerId).name }}</span>
              </th>
              <td class="number">{{ water(pot.needL) }}</td>
              <td class="number">
                {{ pot.emitters }} ×
                {{ t('waterView.drip.flow', { litres: number(pot.emitterLH) }) }}
              </td>
              <td class="number">{{ water(pot.getsL) }}</td>
              <td class="number">{{ share(pot.getsL / pot.needL - 1) }}</td>
            </tr>
          </tbody>
        </table>
        <p class="soft">{{ t('waterView.drip.check') }}</p>
      </template>
    </section>
  </div>
</template>
