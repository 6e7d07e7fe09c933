<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useRouter } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { catalogue, plainText, recipes, saysAll, starterProducts } from '@rimbo/core'
import { views } from '../router'
import { useGardenStore } from '../stores/garden'
import { useTodayStore } from '../stores/today'
import { useNames } from './words/names'
import TextField from './fields/TextField.vue'

/** Finds a pot, plant, mix, product or view by a few letters. */
const emit = defineEmits<{ close: [] }>()
const router = useRouter()
const { t } = useI18n()
const { garden } = storeToRefs(useGardenStore())
const { today } = storeToRefs(useTodayStore())
const { varietyName, recipeName } = useNames()
const wanted = ref('')

interface Found {
  readonly text: string
  readonly kind: string
  readonly to: { path: string; query?: Record<string, string> }
}

const all = computed<Found[]>(() => [
  ...views.map((view) => ({
    text: t(`view.${view.name}`),
    kind: t('find.view'),
    to: { path: view.path },
  })),
  ...(today.value?.pots ?? []).map(({ container, plants }) => ({
    text: [
      container.code,
      container.name,
      ...plants.map((plant) => varietyName(plant.variety)),
    ].join(' · '),
    kind: t('find.pot'),
    to: { path: '/line-up', query: { pot: container.id } },
  })),
  ...[...catalogue, ...(garden.value?.varieties ?? [])].map((variety) => ({
    text: varietyName(variety),
    kind: t('find.plant'),
    to: { path: '/fit', query: { variety: variety.id } },
  })),
  ...[...recipes, ...(garden.value?.recipes ?? [])].map((recipe) => ({
    text: recipeName(recipe),
    kind: t('find.mix'),
    to: { path: '/mix', query: { recipe: recipe.id } },
  })),
  ...starterProducts.map((product) => ({
    text: t(`product.${product.id}`),
    kind: t('find.product'),
    to: { path: '/mix', query: { feed: product.id } },
  })),
])

const found = computed(() => {
  const says = saysAll(wanted.value)
  return all.value.filter((one) => says(plainText(one.text))).slice(0, 8)
})

function go(one: Found | undefined): void {
  if (!one) return
  void router.push(one.to)
  emit('close')
}
</script>

<template>
  <el-dialog :model-value="true" :title="t('find.title')" width="480" @close="emit('close')">
    <form @submit.prevent="go(found[0])">
      <TextField v-model="wanted" :label="t('find.what')" :hint="t('find.hint')" />
    </form>
    <ul class="found">
      <li v-for="one in found" :key="one.kind + one.text">
        <button type="button" @click="go(one)">
          {{ one.text }} <span class="soft">{{ one.kind }}</span>
        </button>
      </li>
    </ul>
    <p v-if="!found.length" class="soft">{{ t('find.none') }}</p>
  </el-dialog>
</template>

<style>
.found {
  list-style: none;
  margin: 0;
  padding: 0;
}
.found button {
  width: 100%;
  min-height: 36px;
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
  text-align: left;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--line);
  cursor: pointer;
}
.found button:hover {
  background: var(--hover);
}
</style>
