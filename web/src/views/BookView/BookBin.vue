<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { edits, type Garden } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import PushButton from '../../ui/fields/PushButton.vue'
import { useFormat } from '../../ui/words/format'
import { useRecordWords } from '../../ui/words/recordWords'

/** Records that were deleted; each can be brought back for a month. */
const props = defineProps<{ garden: Garden }>()
const store = useGardenStore()
const { t } = useI18n()
const { day } = useFormat()
const { whatWords } = useRecordWords()

const binned = computed(() => [...(props.garden.bin ?? [])].reverse())
const codeOf = (id: string | undefined) =>
  props.garden.containers.find((one) => one.id === id)?.code ?? '–'
const restore = (id: string) => store.edit(edits.restoreRecord(id))
</script>

<template>
  <div class="panel sheet book-sheet">
    <p class="soft">{{ t('book.binExplain', { days: edits.BIN_DAYS }) }}</p>
    <p v-if="!binned.length">{{ t('book.binEmpty') }}</p>
    <div v-else class="sideways">
      <table>
        <thead>
          <tr>
            <th>{{ t('book.when') }}</th>
            <th>{{ t('book.pot') }}</th>
            <th>{{ t('book.kind') }}</th>
            <th>{{ t('book.what') }}</th>
            <th>{{ t('book.deletedOn') }}</th>
            <th>
              <span class="visually-hidden">{{ t('book.restore') }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="({ record, deletedAt }, index) in binned" :key="index">
            <td>{{ day(record.at, { day: 'numeric', month: 'short', year: 'numeric' }) }}</td>
            <td>
              <strong>{{ codeOf(record.containerId) }}</strong>
            </td>
            <td>{{ t(`kind.${record.kind}`) }}</td>
            <td>
              {{ whatWords(record) }} <span class="soft">{{ record.note }}</span>
            </td>
            <td>{{ day(deletedAt, { day: 'numeric', month: 'short' }) }}</td>
            <td class="number">
              <PushButton size="small" @click="restore(record.id)">{{
                t('book.restore')
              }}</PushButton>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
</template>
