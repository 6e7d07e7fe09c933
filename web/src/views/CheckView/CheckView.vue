<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { useElementVisibility } from '@vueuse/core'
import { nanoid } from 'nanoid'
import { edits, signText, varietyOf, type CauseId } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFaultText } from '../../ui/words/faults'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import CheckCauses from './CheckCauses.vue'
import CheckDo from './CheckDo.vue'
import CheckEarlier from './CheckEarlier.vue'
import CheckKnown from './CheckKnown.vue'
import SignPicker from './SignPicker.vue'
import { asGiven, useCheck } from './useCheck'
import { useCheckWords } from './useCheckWords'
import { lazily } from '../../loading'

/** A meter's reading is held to its limits by a schema: fetched when the first question is asked. */
const CheckQuestion = lazily(() => import('./CheckQuestion.vue'))

/** What is wrong with a plant, how sure, what would tell, and what to do first. */
const store = useGardenStore()
const { isSaving } = storeToRefs(store)
const { t } = useI18n()
const { day, share } = useFormat()
const { varietyName } = useNames()
const { ofError } = useFaultText()
const { signWords } = useCheckWords()
const check = useCheck()
const { garden, now, at, container, chosenId, plantingId, base, isLooking, failure, reckoned } =
  check
const { facts, seen, absent, struck, read } = check

const pots = computed(() =>
  (garden.value?.containers ?? []).map(({ id, code, name }) => ({
    value: id,
    label: `${code} · ${name}`,
  })),
)
const plants = computed(() => {
  const { value: here } = garden
  if (!here) return []
  return here.plantings
    .filter(({ containerId }) => containerId === container.value?.id)
    .map(({ id, varietyId }) => {
      const variety = varietyOf(here, varietyId)
      return { value: id, label: variety ? varietyName(variety) : varietyId }
    })
})
/** The first where none was chosen yet. */
const potId = computed({
  get: () => container.value?.id,
  set: (id) => (chosenId.value = id),
})
const plant = computed({
  get: () => base.value?.plantingId,
  set: (id) => (plantingId.value = id),
})

const chosen = ref<CauseId>()
const diagnosis = computed(() => reckoned.value?.diagnosis)
/** The likeliest cause that made something that is seen stands open until another is chosen. */
const likeliest = computed(
  () => diagnosis.value?.causes.find((one) => one.for.some(({ from }) => from === 'sign'))?.cause,
)
watch(likeliest, (cause) => (chosen.value = cause), { immediate: true })
const hasSigns = computed(() => seen.value.length > 0)
/** Facts that moved a cause which could be at work. */
const TELLING_SHARE = 0.1
const telling = computed(() => [
  ...new Set(
    (hasSigns.value ? (diagnosis.value?.causes ?? []) : [])
      .filter(
        ({ share, for: reasons }) =>
          share >= TELLING_SHARE && reasons.some(({ from }) => from === 'sign'),
      )
      .flatMap((one) => [...one.for, ...one.against])
      .flatMap(({ fact }) => fact ?? []),
  ),
])
const top = computed(() => diagnosis.value?.causes.find(({ cause }) => cause === likeliest.value))
const results = ref<HTMLElement>()
const seesResults = useElementVisibility(results)
const toResults = () => results.value?.scrollIntoView({ block: 'start' })
const isKept = computed(() => read.value !== undefined)

async function keep(
  jobs: readonly { readonly text: string; readonly on: string }[],
): Promise<void> {
  const { value: pot } = container
  const first = diagnosis.value?.causes.find(({ cause }) => cause === chosen.value)
  if (!pot || isSaving.value) return
  const record = {
    id: nanoid(),
    at: now.value,
    kind: 'check' as const,
    containerId: pot.id,
    ...(base.value && { plantingId: base.value.plantingId }),
    signs: seen.value.map((one) => signText(asGiven(one))),
    ...(absent.value.length > 0 && { absent: [...absent.value] }),
    ...(struck.value.length > 0 && { struck: [...struck.value] }),
    ...(first && { cause: first.cause, share: first.share }),
  }
  const own = jobs.map((job) => ({ ...job, id: nanoid(), containerId: pot.id }))
  await store.edit(edits.keepCheck(record, own, pot.code))
  read.value = record
}
</script>

<template>
  <div v-if="garden" class="view check-view">
    <div class="check-head row">
      <h1>{{ t('check.title') }}</h1>
      <ChoiceField v-if="pots.length" v-model="potId" :label="t('check.pot')" :options="pots" />
      <ChoiceField
        v-if="plants.length > 1"
        v-model="plant"
        :label="t('check.plant')"
        :options="plants"
      />
      <span v-if="isKept" class="check-kept" role="status">
        {{ t('check.kept') }} {{ day(at) }}
        <PushButton size="small" @click="check.clear()">{{ t('check.again') }}</PushButton>
      </span>
    </div>
    <p v-if="!pots.length">{{ t('check.noPots') }}</p>
    <p v-else-if="failure" class="check-note" role="alert">
      {{ ofError(failure) }}
      <PushButton size="small" @click="check.lookUp()">{{ t('app.again') }}</PushButton>
    </p>
    <p v-else-if="!base && !isLooking" role="status">{{ t('check.emptyPot') }}</p>
    <div v-else class="check-columns">
      <div class="panel check-left">
        <SignPicker :seen="seen" @settle="check.settle" />
      </div>
      <div class="panel check-middle">
        <p v-if="isLooking && !base" class="soft" role="status">{{ t('check.reckoning') }}</p>
        <CheckKnown
          v-if="base"
          :seen="seen"
          :absent="absent"
          :facts="base.facts"
          :dates="base.dates"
          :struck="struck"
          :telling="telling"
          @settle="check.settle"
          @strike="check.strike"
        />
        <CheckEarlier
          v-if="container"
          :garden="garden"
          :container-id="container.id"
          :read-id="read?.id"
          @read="check.open"
        />
      </div>
      <div ref="results" class="panel sheet check-right">
        <p v-if="!hasSigns">{{ t('check.none') }}</p>
        <template v-else-if="diagnosis">
          <p
            v-for="one in reckoned!.contradictions"
            :key="one.code"
            class="check-note"
            role="alert"
          >
            {{
              t(`check.${one.code}`, { signs: one.signs.map((sign) => signWords(sign)).join('; ') })
            }}
          </p>
          <p v-if="check.isSeen('fruitEndBlack')" class="soft check-small">
            {{ t('check.fruitEndBlack') }}
          </p>
          <CheckCauses
            v-if="base"
            v-model="chosen"
            :diagnosis="diagnosis"
            :facts="facts"
            :crop="base.crop"
          />
          <CheckDo v-if="chosen" :cause="chosen" :check="check" :is-kept="isKept" @keep="keep" />
        </template>
      </div>
      <div v-if="hasSigns && reckoned && container && !isKept" class="check-bottom">
        <CheckQuestion
          v-if="reckoned.question"
          :question="reckoned.question"
          :container="container"
          :now="now"
          @settle="check.settle"
          @unclear="check.cannotTell"
        />
        <p v-else class="soft">{{ t('check.noQuestion') }}</p>
      </div>
      <button
        v-if="hasSigns && top && !seesResults"
        type="button"
        class="check-jump"
        @click="toResults"
      >
        {{ t('check.jump', { cause: t(`cause.${top.cause}`), share: share(top.share) }) }}
      </button>
    </div>
  </div>
</template>

<style>
.check-view {
  flex-direction: column;
  gap: 8px;
}
.check-head {
  gap: 6px 18px;
  align-items: flex-end;
}
.check-head h1 {
  margin: 0;
}
.check-head .field {
  margin: 0;
  min-width: 200px;
}
.check-kept {
  margin-left: auto;
}
.check-columns {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 3fr) minmax(0, 4fr);
  grid-template-rows: minmax(0, 1fr) auto;
  gap: 10px 20px;
}
.check-bottom {
  grid-column: 1 / -1;
}
.check-jump {
  display: none;
}
@media (max-width: 700px) {
  /* The signs are many on a phone: what they come to is one tap away. */
  .check-jump {
    display: block;
    order: 9;
    position: sticky;
    bottom: 0;
    min-height: 48px;
    margin: 0 -14px;
    padding: 8px 14px;
    font: inherit;
    font-weight: 600;
    color: var(--ink);
    text-align: left;
    background: var(--picked);
    border: 0;
    border-top: 2px solid var(--wet-ink);
  }
  .check-columns {
    display: flex;
    flex-direction: column;
  }
  .check-left {
    order: 1;
  }
  .check-bottom {
    order: 2;
  }
  .check-right {
    order: 3;
  }
  .check-middle {
    order: 4;
  }
  .check-head .field {
    flex: 1 1 100%;
  }
}
</style>
