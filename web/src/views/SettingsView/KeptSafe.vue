<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useRouter } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { Delete, RefreshLeft } from '@element-plus/icons-vue'
import { offlineState } from '../../newer'
import { useGardenStore } from '../../stores/garden'
import { useSafetyStore } from '../../stores/safety'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'

/** How safe the garden is in this browser, and deleting it; what was deleted can be brought back. */
const store = useGardenStore()
const { garden, deleted } = storeToRefs(store)
const safety = useSafetyStore()
const { isPromised, fileName, fileState, canKeepFile } = storeToRefs(safety)
const { t } = useI18n()
const router = useRouter()
const { day } = useFormat()

const promise = computed(() =>
  isPromised.value === undefined ? 'unknown' : isPromised.value ? 'yes' : 'no',
)
const isAsked = ref(false)
async function remove(): Promise<void> {
  isAsked.value = false
  if (garden.value) await store.deleteGarden(garden.value.id)
  if (!store.garden && !store.gardens.length) await router.push('/start')
}
</script>

<template>
  <h2>{{ t('safe.title') }}</h2>
  <ul class="safe-list">
    <li data-safe="offline">{{ t(`safe.offline.${offlineState}`) }}</li>
    <li v-if="!garden?.clock" data-safe="promise">{{ t(`safe.promise.${promise}`) }}</li>
    <li v-if="!garden?.clock" data-safe="file">
      {{ t(`safe.file.${canKeepFile ? fileState : 'cannot'}`, { name: fileName ?? '' }) }}
    </li>
  </ul>
  <div v-if="!garden?.clock && canKeepFile" class="row settings-files">
    <PushButton v-if="fileState === 'none' || fileState === 'failed'" @click="safety.keepInFile">{{
      t('safe.keepFile')
    }}</PushButton>
    <PushButton v-if="fileState === 'asks'" type="primary" @click="safety.allowFile">{{
      t('safe.allowFile')
    }}</PushButton>
    <PushButton v-if="fileState !== 'none'" @click="safety.leaveFile">{{
      t('safe.leaveFile')
    }}</PushButton>
  </div>
  <div class="row settings-files">
    <PushButton v-if="!isAsked" :icon="Delete" @click="isAsked = true">{{
      t('safe.delete', { name: garden?.name ?? '' })
    }}</PushButton>
    <template v-else>
      <span>{{ t('safe.deleteAsk') }}</span>
      <PushButton type="primary" @click="remove">{{ t('safe.deleteYes') }}</PushButton>
      <PushButton @click="isAsked = false">{{ t('form.cancel') }}</PushButton>
    </template>
  </div>
  <template v-if="deleted.length">
    <h3>{{ t('safe.deleted') }}</h3>
    <ul class="safe-list">
      <li v-for="one in deleted" :key="one.id" class="row">
        {{ t('safe.deletedOn', { name: one.name, date: day(one.deletedOn) }) }}
        <PushButton
          size="small"
          :icon="RefreshLeft"
          :aria-label="t('safe.bringBackNamed', { name: one.name })"
          @click="store.bringBack(one.id)"
          >{{ t('safe.bringBack') }}</PushButton
        >
      </li>
    </ul>
  </template>
</template>

<style>
.safe-list {
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
}
.safe-list li {
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
</style>
