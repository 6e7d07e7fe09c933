<script setup lang="ts">
import { ref } from 'vue'
import { useRoute } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { Menu } from '@element-plus/icons-vue'
import { nearViews, viewGroups } from '../router'

/** Ways through the app at the thumb: the nearest in a bar, all of them a tap away. */
const { t } = useI18n()
const route = useRoute()
const isOpen = ref(false)
const isNear = () => nearViews.some(({ name }) => name === route.name)
</script>

<template>
  <nav class="thumb" :aria-label="t('app.views')" @keydown.esc="isOpen = false">
    <div v-if="isOpen" id="thumb-all" class="thumb-all">
      <div v-for="group in viewGroups" :key="group.name">
        <h2 :id="`thumb-${group.name}`">{{ t(`group.${group.name}`) }}</h2>
        <div role="group" :aria-labelledby="`thumb-${group.name}`" class="thumb-group">
          <router-link
            v-for="view in group.views"
            :key="view.name"
            :to="view.path"
            @click="isOpen = false"
          >
            {{ t(`view.${view.name}`) }}
          </router-link>
        </div>
      </div>
    </div>
    <div class="thumb-bar">
      <router-link
        v-for="view in nearViews"
        :key="view.name"
        :to="view.path"
        @click="isOpen = false"
      >
        {{ t(`view.${view.name}`) }}
      </router-link>
      <button
        type="button"
        :class="{ 'router-link-active': !isNear() }"
        :aria-expanded="isOpen"
        aria-controls="thumb-all"
        @click="isOpen = !isOpen"
      >
        <Menu class="thumb-icon" aria-hidden="true" />
        {{ t('group.all') }}
      </button>
    </div>
  </nav>
</template>

<style>
.thumb {
  position: relative;
  z-index: 14;
  border-top: 2px solid var(--ink);
  background: var(--paper);
}
.thumb-bar {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
}
.thumb :is(a, button) {
  display: flex;
  justify-content: center;
  align-items: center;
  gap: 6px;
  min-height: 50px;
  font: inherit;
  color: var(--ink);
  text-decoration: none;
  background: none;
  border: 0;
  border-top: 3px solid transparent;
}
.thumb .router-link-active {
  color: var(--accent);
  font-weight: 700;
  border-color: var(--accent);
}
.thumb-icon {
  width: 1.1em;
}
.thumb-all {
  position: absolute;
  inset: auto 0 100%;
  padding: 8px 14px 12px;
  background: var(--sheet);
  border-top: 2px solid var(--ink);
}
.thumb-all h2 {
  margin: 6px 0 2px;
  font-size: 14px;
  color: var(--ink-soft);
}
.thumb-group {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
.thumb-all a {
  min-height: 48px;
  border: 1px solid var(--line);
  border-radius: 3px;
}
</style>
