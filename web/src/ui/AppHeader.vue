<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Search } from '@element-plus/icons-vue'
import { views } from '../router'
import { useGardenStore } from '../stores/garden'
import { useTodayStore } from '../stores/today'
import { useFormat } from './format'
import PushButton from './PushButton.vue'

defineEmits<{ find: []; shortcuts: [] }>()
const { garden } = storeToRefs(useGardenStore())
const { now, air } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { day, temp } = useFormat()
</script>

<template>
  <header class="header">
    <span class="brand">Rimbo</span>
    <nav :aria-label="t('app.views')">
      <router-link v-for="view in views" :key="view.name" :to="view.path">
        {{ t(`view.${view.name}`) }}
      </router-link>
    </nav>
    <div v-if="garden" class="header-place">
      <strong>{{ garden.name }}</strong>
      <span class="soft">
        {{ day(now, { weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' }) }},
        {{ now.slice(11) }}
        <template v-if="air?.weather">
          ·
          {{
            t('app.temps', {
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
    <PushButton class="header-keys" :aria-label="t('shortcuts.title')" @click="$emit('shortcuts')"
      >?</PushButton
    >
  </header>
</template>

<style>
.header {
  display: flex;
  align-items: center;
  gap: 22px;
  padding: 8px 28px;
  border-bottom: 2px solid var(--ink);
}
.brand {
  font: 750 25px/1 var(--font-heading);
  letter-spacing: -0.01em;
}
.header nav {
  display: flex;
  gap: 2px;
  margin-right: auto;
  overflow-x: auto;
}
.header nav a {
  color: var(--ink);
  text-decoration: none;
  padding: 9px 10px 6px;
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
  text-align: right;
  font-size: 13px;
  line-height: 1.25;
}
.header-place > * {
  display: block;
}
.header .header-keys {
  margin-left: -14px;
  min-width: 32px;
  padding: 8px;
}
@media (max-width: 700px) {
  .header {
    flex-wrap: wrap;
    gap: 4px 10px;
    padding: 6px 14px 0;
  }
  .header nav {
    order: 3;
    width: 100%;
  }
  .header nav a {
    padding: 12px 10px 8px;
    min-height: 44px;
  }
  .header-place {
    font-size: 12px;
  }
  .header .header-keys {
    display: none;
  }
  .header-find {
    min-width: 44px;
  }
}
</style>
