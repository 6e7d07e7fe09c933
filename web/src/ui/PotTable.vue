<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import PushButton from './fields/PushButton.vue'
import './potList.css'

/** A list of pots to choose from: each with a few words, and columns beside it. */
defineProps<{
  rows: readonly {
    readonly id: string
    readonly code: string
    readonly words: string
    readonly isUrgent?: boolean
    readonly title?: string
    readonly cells: readonly { readonly text: string; readonly isUrgent?: boolean }[]
  }[]
  heads: readonly string[]
  shownId: string | undefined
  label: string
}>()
const emit = defineEmits<{ choose: [id: string] }>()
const { t } = useI18n()
/** On a phone only the chosen pot is seen, until another is asked for. */
const isUnfolded = ref(false)

function choose(id: string): void {
  isUnfolded.value = false
  emit('choose', id)
}
</script>

<template>
  <nav class="panel pot-list" :class="{ 'is-folded': !isUnfolded }" :aria-label="label">
    <table>
      <thead>
        <tr>
          <th v-for="(head, index) in heads" :key="head" :class="{ number: index > 0 }">
            {{ head }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.id" :class="{ 'is-picked': row.id === shownId }">
          <th scope="row">
            <button
              type="button"
              class="pot-pick"
              :aria-current="row.id === shownId ? 'true' : undefined"
              :title="row.title"
              @click="choose(row.id)"
            >
              <strong>{{ row.code }}</strong>
              <span :class="row.isUrgent ? 'is-urgent' : 'soft'">{{ row.words }}</span>
            </button>
          </th>
          <td
            v-for="(cell, index) in row.cells"
            :key="index"
            class="number"
            :class="{ 'is-urgent': cell.isUrgent }"
          >
            {{ cell.text }}
          </td>
        </tr>
      </tbody>
    </table>
    <PushButton class="pot-unfold" :aria-expanded="isUnfolded" @click="isUnfolded = !isUnfolded">{{
      t(isUnfolded ? 'potTable.fold' : 'potTable.unfold')
    }}</PushButton>
  </nav>
</template>
