<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import {
  checkTests,
  edits,
  fieldSchema,
  isSymptom,
  recordSchema,
  type Container,
  type Question,
  type Symptom,
  type TestId,
} from '@rimbo/core'
import SignDrawing from '../../drawing/SignDrawing.vue'
import NumberField from '../../ui/fields/NumberField.vue'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'
import { useGardenStore } from '../../stores/garden'
import { useCheckWords } from './useCheckWords'

/** The sign or test that would tell most now, to be answered with a tap. */
const props = defineProps<{ question: Question; container: Container; now: string }>()
const emit = defineEmits<{
  settle: [sign: Symptom, is: boolean | undefined]
  unclear: [ask: Symptom | TestId]
}>()
const store = useGardenStore()
const { isSaving } = storeToRefs(store)
const { t } = useI18n()
const { number } = useFormat()
const { askWords, answersOf } = useCheckWords()

const answers = computed(() => answersOf(props.question.ask))
const isTest = computed(() => !isSymptom(props.question.ask))
/** What a meter reads, for the tests that are read off one. */
const field = computed(() => {
  const { ask } = props.question
  if (isSymptom(ask)) return undefined
  const asked = checkTests[ask]
  return 'fact' in asked ? asked.fact : undefined
})
const reading = ref<number>()
const picked = ref<readonly Symptom[]>([])
watch(
  () => props.question.ask,
  () => {
    picked.value = []
    reading.value = undefined
  },
)
const toggle = (sign: Symptom) =>
  (picked.value = picked.value.includes(sign)
    ? picked.value.filter((one) => one !== sign)
    : [...picked.value, sign])
/** Of a test all its signs are answered: those picked are there, the others are not. */
function answer(): void {
  for (const sign of answers.value) emit('settle', sign, picked.value.includes(sign))
}
const isReadable = computed(
  () =>
    field.value !== undefined &&
    fieldSchema(recordSchema, { kind: 'measurePh' }, field.value).safeParse(reading.value).success,
)
/** A reading is a record of the pot, and counts from then on as measured. */
async function record(): Promise<void> {
  if (!isReadable.value || field.value === undefined) return
  await store.edit(
    edits.recordOne(
      {
        id: nanoid(),
        at: props.now,
        containerId: props.container.id,
        kind: 'measurePh',
        [field.value]: reading.value,
      },
      props.container.code,
    ),
  )
}
</script>

<template>
  <section class="check-question sheet" :aria-label="t('check.question')" :data-ask="question.ask">
    <div class="question-words">
      <h2>{{ t('check.question') }}</h2>
      <div class="question-ask">
        <SignDrawing v-if="isSymptom(question.ask)" :sign="question.ask" />
        <p>{{ askWords(question.ask) }}</p>
      </div>
      <p class="soft check-small">
        {{
          t('check.questionWhy', {
            bits: number(Math.round(question.bits * 100) / 100),
            minutes: number(question.minutes),
          })
        }}
      </p>
    </div>
    <div v-if="field" class="question-answers">
      <NumberField v-model="reading" :label="t(`check.reading.${field}`)" />
      <PushButton type="primary" :disabled="!isReadable || isSaving" @click="record">{{
        t('check.record')
      }}</PushButton>
      <PushButton @click="emit('unclear', question.ask)">{{ t('check.unclear') }}</PushButton>
    </div>
    <div v-else-if="isTest" class="question-answers">
      <button
        v-for="sign in answers"
        :key="sign"
        type="button"
        class="sign-button"
        :aria-pressed="picked.includes(sign)"
        @click="toggle(sign)"
      >
        <SignDrawing :sign="sign" /><span>{{ t(`check.sign.${sign}`) }}</span>
      </button>
      <PushButton type="primary" @click="answer">{{
        picked.length ? t('check.yes') : t('check.nothingOfIt')
      }}</PushButton>
      <PushButton @click="emit('unclear', question.ask)">{{ t('check.unclear') }}</PushButton>
    </div>
    <div v-else class="question-answers">
      <PushButton type="primary" @click="emit('settle', question.ask as Symptom, true)">{{
        t('check.yes')
      }}</PushButton>
      <PushButton type="primary" @click="emit('settle', question.ask as Symptom, false)">{{
        t('check.no')
      }}</PushButton>
      <PushButton @click="emit('unclear', question.ask)">{{ t('check.unclear') }}</PushButton>
    </div>
  </section>
</template>

<style>
.check-question {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px 18px;
  padding: 10px 16px;
  border: 2px solid var(--wet-ink);
}
.question-words {
  flex: 1 1 300px;
  min-width: 0;
}
.question-words p {
  margin: 0;
}
.question-words h2 {
  margin: 0;
  font-size: 14px;
  color: var(--wet-ink);
}
.question-ask {
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: 16px;
}
.question-answers {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
.question-answers .push-button {
  margin: 0;
  min-height: 44px;
}
.question-answers .sign-button {
  width: auto;
  max-width: 220px;
}
</style>
