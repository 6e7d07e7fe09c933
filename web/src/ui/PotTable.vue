<script setup lang="ts">
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
defineEmits<{ choose: [id: string] }>()
</script>

<template>
  <nav class="panel pot-list" :aria-label="label">
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
              @click="$emit('choose', row.id)"
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
  </nav>
</template>
