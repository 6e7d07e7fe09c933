<script setup lang="ts">
import type { FeedToday, Garden, GardenCourse, PotToday } from '@rimbo/core'
import FeedBest from './FeedBest.vue'
import FeedDue from './FeedDue.vue'
import FeedOther from './FeedOther.vue'

/** What a pot is given now: what is due, the best out of the shelf, or anything else. */
defineProps<{
  garden: Garden
  course: GardenCourse
  pot: PotToday
  feed: FeedToday
}>()
defineEmits<{ mode: [mode: 'programmes' | 'shelf'] }>()
</script>

<template>
  <FeedDue
    :garden="garden"
    :course="course"
    :pot="pot"
    :feed="feed"
    @mode="(mode) => $emit('mode', mode)"
  />
  <FeedBest :garden="garden" :course="course" :pot="pot" :feed="feed" />
  <FeedOther :garden="garden" :pot="pot" :feed="feed" />
</template>

<style>
.feed-give {
  margin: 4px 0 8px;
}
.feed-caution {
  margin: 6px 0 0;
  font-size: 13px;
}
</style>
