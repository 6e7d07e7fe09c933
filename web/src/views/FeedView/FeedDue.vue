<script setup lang="ts">
import { computed, toRef } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  addDays,
  shelfStock,
  type FeedToday,
  type Garden,
  type GardenCourse,
  type PotToday,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import DoseLines from './DoseLines.vue'
import { useFeeding } from './useFeeding'
import { useGivenWords } from './useGivenWords'

/** The feeds that are due in a pot by its plan, or what is missing for one. */
const props = defineProps<{
  garden: Garden
  course: GardenCourse
  pot: PotToday
  feed: FeedToday
}>()
const emit = defineEmits<{ mode: [mode: 'programmes' | 'shelf'] }>()
const { isSaving } = storeToRefs(useGardenStore())
const { t } = useI18n()
const { day } = useFormat()
const { productName } = useNames()
const givenWords = useGivenWords()
const { give } = useFeeding(toRef(props, 'pot'), toRef(props, 'feed'))

const isHeldBack = computed(
  () => props.feed.due.length > 0 && props.feed.due.every((one) => one.isHeld),
)
const ready = computed(() => props.feed.due.filter((one) => !one.isHeld))
const nextDate = computed(() =>
  props.feed.nextOn === undefined
    ? undefined
    : day(addDays(props.course.from, props.feed.nextOn), {
        weekday: 'short',
        day: 'numeric',
        month: 'long',
      }),
)
</script>

<template>
  <section class="sheet" data-due>
    <h3>{{ t(isHeldBack ? 'feedView.heldTitle' : 'feedView.dueTitle') }}</h3>
    <template v-for="one in feed.due" :key="one.dose.product.id">
      <DoseLines :dose="one.dose" :holds="one.holds" :stock-g="one.stockG" />
      <PushButton
        v-if="!one.isHeld"
        type="primary"
        class="feed-give"
        :loading="isSaving"
        @click="give([one.dose])"
      >
        {{ givenWords(one.dose, 'feedView.given') }}
      </PushButton>
    </template>
    <p
      v-for="one in feed.unusable"
      :key="one.productId"
      class="caution strong"
      role="alert"
      data-unusable
    >
      {{
        t('feedView.unusable', {
          product: productName(one.productId),
          why: t(`feedView.stepFault.${one.fault}`),
        })
      }}
    </p>
    <p v-if="!feed.due.length">{{ t('feedView.none') }}</p>
    <p v-if="!ready.length && nextDate && !isHeldBack" class="soft">
      {{ t('feedView.nextOn', { date: nextDate }) }}
    </p>
    <p v-if="feed.plan" class="soft">
      {{ t('feedView.by') }}: {{ t(`programme.${feed.plan.programmeId}`) }}
    </p>
    <p v-else>
      {{ t('feedView.noPlanYet') }}
      <PushButton size="small" @click="emit('mode', 'programmes')">
        {{ t('feedView.mode.programmes') }}
      </PushButton>
    </p>
    <p v-if="!shelfStock(garden).length">
      {{ t('feedView.noShelfYet') }}
      <PushButton size="small" @click="emit('mode', 'shelf')">
        {{ t('feedView.mode.shelf') }}
      </PushButton>
    </p>
  </section>
</template>
