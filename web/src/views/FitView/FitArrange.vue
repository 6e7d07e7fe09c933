<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { nanoid } from 'nanoid'
import {
  applyArrangement,
  arrangementOf,
  edits,
  noArrangement,
  type ArrangementWishes,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useFaultText } from '../../ui/words/faults'
import WorkProgress from '../../ui/WorkProgress.vue'
import type { ArrangeWork, Arranged } from '../../workers/arrange.worker'
import { useWorker } from '../../workers/useWorker'
import ArrangeOptions from './ArrangeOptions.vue'
import ArrangeResult from './ArrangeResult.vue'
import WishList from './WishList.vue'
import PushButton from '../../ui/fields/PushButton.vue'

const store = useGardenStore()
const { garden } = storeToRefs(store)
const { asItStands, date, year } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { ofError } = useFaultText()

const wanted = computed(() => (garden.value ? arrangementOf(garden.value) : noArrangement))

const change = (to: Partial<ArrangementWishes>) => store.edit(edits.wishFor(to))

function pin(containerId: string, to: { stays?: boolean; varietyId?: string | undefined }) {
  return store.edit(edits.pinContainer(containerId, to))
}

const TIME_LIMIT_S = 60
const solver = useWorker<ArrangeWork, Arranged>(
  () => new Worker(new URL('../../workers/arrange.worker.ts', import.meta.url), { type: 'module' }),
  (work, progress) => work.arrange(asItStands.value!, year.value, TIME_LIMIT_S, progress),
)
const result = computed(() => solver.result.value)

/** Puts the pots where they were arranged and plants them so; what is bought is added. */
async function apply(): Promise<void> {
  const found = result.value
  if (!found || found.arrangement.status === 'impossible') return
  const { placements } = found.arrangement
  await store.edit(applyArrangement(placements, found.spots, date.value, nanoid))
}
</script>

<template>
  <div v-if="garden" class="fit-view arrange-view">
    <section class="panel arrange-wanted">
      <WishList :garden="garden" :wishes="wanted.wishes" @change="(wishes) => change({ wishes })" />
      <ArrangeOptions :garden="garden" :wanted="wanted" @change="change" />
    </section>
    <section class="panel sheet arrange-found">
      <div class="row arrange-go">
        <PushButton
          type="primary"
          :disabled="!wanted.wishes.length || solver.isRunning.value"
          @click="solver.start"
        >
          {{ t(result ? 'arrange.again' : 'arrange.go') }}
        </PushButton>
        <WorkProgress
          v-if="solver.isRunning.value"
          :share="solver.progress.value"
          :label="t('arrange.working')"
          @cancel="solver.cancel"
        />
        <PushButton v-else-if="result && result.arrangement.status !== 'impossible'" @click="apply">
          {{ t('arrange.apply') }}
        </PushButton>
        <span v-if="!wanted.wishes.length" class="soft">{{ t('arrange.noWishes') }}</span>
      </div>
      <p v-if="solver.failure.value" class="strong" role="alert">
        {{ t('arrange.failed', { detail: ofError(solver.failure.value) }) }}
      </p>
      <ArrangeResult
        v-if="result"
        :garden="asItStands ?? garden"
        :arrangement="result.arrangement"
        :spots="result.spots"
        @pin="pin"
      />
      <p v-else-if="!solver.isRunning.value">{{ t('arrange.nothingYet') }}</p>
    </section>
  </div>
</template>

<style>
.arrange-wanted {
  width: 330px;
  flex: none;
  padding-right: 8px;
}
.arrange-found {
  flex: 1;
  min-width: 0;
}
.arrange-go {
  margin-bottom: 10px;
}
@media (max-width: 700px) {
  .arrange-wanted {
    width: auto;
  }
}
</style>
