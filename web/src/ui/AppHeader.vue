<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Search } from '@element-plus/icons-vue'
import { viewGroups } from '../router'
import { useGardenStore } from '../stores/garden'
import { useTodayStore } from '../stores/today'
import { useFormat } from './words/format'
import PushButton from './fields/PushButton.vue'

/** On a phone the links to the views are in the bottom bar instead. */
defineProps<{ isNarrow: boolean }>()
defineEmits<{ find: []; shortcuts: [] }>()
const { garden } = storeToRefs(useGardenStore())
const { now, air } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day, temp } = useFormat()
</script>

<template>
  <header class="header">
    <span class="brand">Rimbo</span>
    <nav v-if="!isNarrow" :aria-label="t('app.views')">
      <div v-for="group in viewGroups" :key="group.name" class="header-group">
        <span v-if="group.name !== 'more'" :id="`group-${group.name}`" class="header-group-name">{{
          t(`group.${group.name}`)
        }}</span>
        <div role="group" :aria-labelledby="`group-${group.name}`">
          <router-link v-for="view in group.views" :key="view.name" :to="view.path">
            {{ t(`view.${view.name}`) }}
          </router-link>
        </div>
      </div>
    </nav>
    <div v-if="garden" class="header-place">
      <strong>{{ garden.name }}</strong>
      <span class="soft">
        <template v-if="!isNarrow">
          {{ day(now, { weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' }) }},
          {{ now.slice(11) }}
        </template>
        <template v-else>{{ day(now, { weekday: 'short', day: 'numeric' }) }}</template>
        <template v-if="air?.weather">
          ·
          {{
            t(air.source === 'typical' ? 'app.usualTemps' : 'app.temps', {
              low: temp(air.weather.tempMinC),
              high: temp(air.weather.tempMaxC),
            })
          }}
        </template>
      </span>
    </div>
    <PushButton
      class="header-find"
      :icon="Search"
      :aria-label="t('find.title')"
      @click="$emit('find')"
    />
    <PushButton
      v-if="!isNarrow"
      class="header-keys"
      :aria-label="t('shortcuts.title')"
      @click="$emit('shortcuts')"
      >?</PushButton
    >
  </header>
</template>

<style>
.header {
  display: flex;
  align-items: center;
  gap: 22px;
  padding: 4px 28px;
  border-bottom: 2px solid var(--ink);
}
.brand {
  font: 750 25px/1 var(--font-heading);
  letter-spacing: -0.01em;
}
.header nav {
  display: flex;
  align-items: flex-end;
  gap: 8px;
  margin-right: auto;
}
.header-group {
  display: flex;
  flex-direction: column;
}
.header-group + .header-group {
  padding-left: 8px;
  border-left: 1px solid var(--line);
}
.header-group-name {
  padding-left: 6px;
  font-size: 12px;
  line-height: 1.1;
  color: var(--ink-soft);
}
.header-group > div {
  display: flex;
}
.header nav a {
  color: var(--ink);
  text-decoration: none;
  padding: 5px 6px 4px;
  border-bottom: 3px solid transparent;
  white-space: nowrap;
}
.header nav a:hover {
  background: var(--hover);
}
.header nav a.router-link-active {
  color: var(--accent);
  font-weight: 700;
  border-color: var(--accent);
}
.header-place {
  margin-left: auto;
  min-width: 0;
  text-align: right;
  font-size: 13px;
  line-height: 1.25;
}
.header-place > * {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.header > .brand:has(+ .header-find) {
  margin-right: auto;
}
.header .header-keys {
  margin-left: -14px;
  min-width: 32px;
  padding: 8px;
}
@media (max-width: 700px) {
  .header {
    gap: 10px;
    padding: 3px 14px;
  }
  .brand {
    font-size: 20px;
  }
  .header-place {
    display: flex;
    gap: 8px;
    align-items: baseline;
  }
  .header-place .soft {
    flex: none;
  }
  .header .header-find {
    min-width: 44px;
  }
}
</style>
