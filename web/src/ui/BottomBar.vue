<script setup lang="ts">
import { ref } from 'vue'
import { useRoute } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { Menu } from '@element-plus/icons-vue'
import { bottomViews, viewGroups } from '../router'

/** Navigation on a phone: the views used most within reach of the thumb, the others under “All”. */
const { t } = useI18n()
const route = useRoute()
const isOpen = ref(false)
const isInBar = () => bottomViews.some(({ name }) => name === route.name)
</script>

<template>
  <nav class="bottom" :aria-label="t('app.views')" @keydown.esc="isOpen = false">
    <div v-if="isOpen" id="bottom-all" class="bottom-all">
      <div v-for="group in viewGroups" :key="group.name">
        <h2 :id="`bottom-${group.name}`">{{ t(`group.${group.name}`) }}</h2>
        <div role="group" :aria-labelledby="`bottom-${group.name}`" class="bottom-group">
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
    <div class="bottom-bar">
      <router-link
        v-for="view in bottomViews"
        :key="view.name"
        :to="view.path"
        @click="isOpen = false"
      >
        {{ t(`view.${view.name}`) }}
      </router-link>
      <button
        type="button"
        :class="{ 'router-link-active': !isInBar() }"
        :aria-expanded="isOpen"
        aria-controls="bottom-all"
        @click="isOpen = !isOpen"
      >
        <Menu class="bottom-icon" aria-hidden="true" />
        {{ t('group.all') }}
      </button>
    </div>
  </nav>
</template>

<style>
.bottom {
  position: relative;
  z-index: 14;
  border-top: 2px solid var(--ink);
  background: var(--paper);
}
.bottom-bar {
  display: grid;
  grid-template-columns: repeat(5, 1fr);
}
.bottom :is(a, button) {
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
.bottom .router-link-active {
  color: var(--accent);
  font-weight: 700;
  border-color: var(--accent);
}
.bottom-icon {
  width: 1.1em;
}
.bottom-all {
  position: absolute;
  inset: auto 0 100%;
  padding: 8px 14px 12px;
  background: var(--sheet);
  border-top: 2px solid var(--ink);
}
.bottom-all h2 {
  margin: 6px 0 2px;
  font-size: 14px;
  color: var(--ink-soft);
}
.bottom-group {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
.bottom-all a {
  min-height: 48px;
  border: 1px solid var(--line);
  border-radius: 3px;
}
</style>
