<script setup lang="ts">
import { computed } from 'vue'
import { potOnDay, type GardenCourse, type PotCourse, type PotToday } from '@rimbo/core'
import PotSection from './PotSection.vue'
import { drawingKey } from './sameDrawing'

/** One pot of the line-up in section, as it stands on a day; drawn only while in sight. */
const props = defineProps<{
  course: GardenCourse
  pot: PotCourse
  date: string
  scale: number
  isNear: boolean
}>()

let drawn: { readonly of: PotCourse; readonly key: string; readonly pot: PotToday } | undefined
/** From day to day little changes; what would look the same is not drawn anew. */
const shown = computed(() => {
  const pot = potOnDay(props.course, props.pot, props.date)
  const key = drawingKey(pot)
  if (drawn?.of !== props.pot || drawn.key !== key) drawn = { of: props.pot, key, pot }
  return drawn.pot
})
</script>

<template>
  <PotSection v-if="isNear" :pot="shown" :scale="scale" />
</template>
