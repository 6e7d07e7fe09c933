<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  daysBetween,
  feedPlanSchema,
  isSame,
  isOverLabel,
  judgePlan,
  programmeIds,
  stepFault,
  stepsFor,
  type FeedPlan,
  type FeedToday,
  type PotToday,
  type ProgrammeId,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import NumberField from '../../ui/fields/NumberField.vue'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import { useFeeding } from './useFeeding'
import { usePlans } from './usePlans'
import PushButton from '../../ui/fields/PushButton.vue'

/** Every school of feeding, judged by the ledger of this pot before it is chosen. */
const props = defineProps<{ pot: PotToday; feed: FeedToday }>()
const { garden, isSaving } = storeToRefs(useGardenStore())
const { course } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { money, share, number, tenths } = useFormat()
const { productName } = useNames()
const { products } = useFeeding(
  computed(() => props.pot),
  computed(() => props.feed),
)

const starts = ['fromPlanting', 'fromToday'] as const
const start = ref<(typeof starts)[number] | undefined>('fromPlanting')
const startOptions = computed(() =>
  starts.map((value) => ({ value, label: t(`feedView.${value}`) })),
)
const from = computed(() =>
  course.value && start.value === 'fromToday'
    ? daysBetween(course.value.from, course.value.today)
    : 0,
)

const own = computed(() => props.feed.plan)
const picked = ref<ProgrammeId>(own.value?.programmeId ?? 'toMeasure')
const everyDays = ref<number | undefined>(own.value?.everyDays)
const strength = ref<number | undefined>(own.value?.strength)
const AS_SCHOOL = 'asSchool'
const early = ref<string | undefined>(own.value?.productId ?? AS_SCHOOL)
const late = ref<string | undefined>(own.value?.lateProductId ?? AS_SCHOOL)
/** Products that the first step of the picked programme can use: others are not to be chosen. */
const productChoices = computed(() => {
  const [step] = stepsFor({ programmeId: picked.value, productId: AS_SCHOOL })
  return [
    { value: AS_SCHOOL, label: t('feedView.asSchool') },
    ...products.value
      .filter(
        (product) =>
          (step && !stepFault(step.dose, product)) ||
          product.id === early.value ||
          product.id === late.value,
      )
      .map(({ id }) => ({ value: id, label: productName(id) })),
  ]
})
/** Why what is chosen, by a file or before its label was changed, cannot be used. */
const faultOf = (id: string | undefined) => {
  const found = chosenVerdict.value?.unusable.find(({ productId }) => productId === id)
  return found && t('feedView.cannotUse', { why: t(`feedView.stepFault.${found.fault}`) })
}
function pick(programmeId: ProgrammeId): void {
  picked.value = programmeId
  const plan = own.value?.programmeId === programmeId ? own.value : undefined
  everyDays.value = plan?.everyDays
  strength.value = plan?.strength
  early.value = plan?.productId ?? AS_SCHOOL
  late.value = plan?.lateProductId ?? AS_SCHOOL
}

// Set otherwise, undone, or changed in another window: the fields say what is set.
watch(own, (plan, before) => {
  if (!isSame(plan, before)) pick(plan?.programmeId ?? picked.value)
})

/** As it is bent by the fields, where they can be used. */
const bent = computed(() => {
  const plan = {
    programmeId: picked.value,
    ...(everyDays.value !== undefined && { everyDays: everyDays.value }),
    ...(strength.value !== undefined && { strength: strength.value }),
    ...(early.value !== AS_SCHOOL && { productId: early.value }),
    ...(late.value !== AS_SCHOOL && { lateProductId: late.value }),
  }
  return feedPlanSchema.safeParse(plan)
})
const faultAt = (field: string) =>
  bent.value.error?.issues.some(({ path }) => path[0] === field)
    ? t(`feedView.fault.${field}`)
    : undefined

const rows = computed(() =>
  garden.value
    ? programmeIds.map((id) => {
        const plan: FeedPlan =
          id === picked.value && bent.value.success ? bent.value.data : { programmeId: id }
        const verdict = judgePlan(garden.value!, props.feed.feeding, plan, from.value)
        return { id, verdict }
      })
    : [],
)
const signs = (list: readonly string[]) => list.map((one) => t(`nutrientSign.${one}`)).join(' ')
const HOUR = 60
const work = (minutes: number) =>
  minutes < 2 * HOUR
    ? t('feedView.minutes', { count: Math.round(minutes) })
    : t('feedView.hours', { hours: number(Math.round((minutes / HOUR) * 2) / 2) })

const taking = usePlans(() => props.pot.container)
const takeHere = () => bent.value.success && taking.take(bent.value.data)
const takeAll = () => bent.value.success && taking.takeAll(bent.value.data)
const { clear } = taking
const hasProducts = computed(
  () => stepsFor({ programmeId: picked.value, productId: AS_SCHOOL }).length > 0,
)
const chosenVerdict = computed(() => rows.value.find(({ id }) => id === picked.value)?.verdict)
/** Set stronger than a label allows, the button that takes it says so. */
const takeWords = computed(() => {
  const times = (chosenVerdict.value?.feeds ?? [])
    .filter(({ dose }) => isOverLabel(dose))
    .map(({ dose }) => dose.timesLabel ?? 0)
  return times.length
    ? t('feedView.takeOver', { times: tenths(Math.max(...times)) })
    : t('feedView.take')
})
const isUsable = computed(() => bent.value.success && !chosenVerdict.value?.unusable.length)
</script>

<template>
  <div class="feed-pot">
    <section class="panel sheet programmes">
      <header class="row programmes-head">
        <h2>{{ t('feedView.programmesTitle', { code: pot.container.code }) }}</h2>
        <SwitchButtons
          v-model="start"
          size="small"
          :options="startOptions"
          :label="t('feedView.programmesTitle', { code: pot.container.code })"
        />
      </header>
      <table>
        <thead>
          <tr>
            <th>{{ t('feedView.column.programme') }}</th>
            <th>{{ t('feedView.column.short') }}</th>
            <th>{{ t('feedView.column.over') }}</th>
            <th class="number">{{ t('feedView.column.salt') }}</th>
            <th class="number">{{ t('feedView.column.crop') }}</th>
            <th class="number">{{ t('feedView.column.feeds') }}</th>
            <th class="number">{{ t('feedView.column.cost') }}</th>
            <th class="number">{{ t('feedView.column.work') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="{ id, verdict } in rows"
            :key="id"
            :class="{ 'is-picked': id === picked }"
            :data-programme="id"
          >
            <th scope="row">
              <button
                type="button"
                class="programme-pick"
                :aria-pressed="id === picked"
                @click="pick(id)"
              >
                {{ t(`programme.${id}`) }}
                <span v-if="own?.programmeId === id" class="mark">{{ t('feedView.taken') }}</span>
              </button>
            </th>
            <td :class="{ strong: verdict.shortOf.length }">{{ signs(verdict.shortOf) || '–' }}</td>
            <td :class="{ strong: verdict.tooMuchOf.length }">
              {{ signs(verdict.tooMuchOf) || '–' }}
            </td>
            <td class="number" :class="{ strong: verdict.saltYieldShare < 0.9 }">
              {{ number(Math.round(verdict.ecMeanDsM * 10) / 10) }} dS/m
            </td>
            <td class="number">
              <WhyNumber
                :value="share(verdict.score)"
                :reasons="verdict.reasons"
                :about="t(`programme.${id}`)"
              />
            </td>
            <td class="number">{{ verdict.feeds.length }}</td>
            <td class="number">{{ money(verdict.price) }}</td>
            <td class="number">{{ work(verdict.minutes) }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <aside class="panel feed-side">
      <form v-if="hasProducts" class="sheet" @submit.prevent="takeHere">
        <h3>{{ t(`programme.${picked}`) }}</h3>
        <p class="soft">{{ t('feedView.bend') }}</p>
        <div class="field-grid">
          <NumberField
            v-model="everyDays"
            :label="t('feedView.everyDays')"
            :fault="faultAt('everyDays')"
            :hint="t('feedView.asSchool')"
          />
          <NumberField
            v-model="strength"
            :label="t('feedView.strengthTimes')"
            :fault="faultAt('strength')"
            hint="1"
          />
        </div>
        <ChoiceField
          v-model="early"
          :label="t('feedView.early')"
          :options="productChoices"
          :fault="faultOf(early)"
        />
        <ChoiceField
          v-model="late"
          :label="t('feedView.late_')"
          :options="productChoices"
          :fault="faultOf(late)"
        />
        <div class="row">
          <PushButton type="primary" native-type="submit" :disabled="!isUsable" :loading="isSaving">
            {{ takeWords }}
          </PushButton>
          <PushButton :disabled="!isUsable" :loading="isSaving" @click="takeAll">
            {{ t('feedView.takeAll') }}
          </PushButton>
          <PushButton v-if="own" text @click="clear">{{ t('feedView.clear') }}</PushButton>
        </div>
      </form>
    </aside>
  </div>
</template>

<style>
.programmes {
  flex: 1;
  min-width: 0;
}
.programmes-head {
  justify-content: space-between;
}
.programmes :is(th, td) {
  padding: 5px 7px 5px 0;
  white-space: nowrap;
}
.programmes .is-picked {
  background: var(--picked);
}
.programme-pick {
  all: unset;
  display: block;
  cursor: pointer;
  font-weight: 600;
  font-size: 14px;
  color: var(--ink);
}
.programme-pick:focus-visible {
  outline: 2px solid var(--accent);
}
</style>
