<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { Delete } from '@element-plus/icons-vue'
import { catalogue, varietyOf, wishKinds, type ArrangementWishes, type Garden } from '@rimbo/core'
import { useNames } from '../../ui/words/names'
import PushButton from '../../ui/fields/PushButton.vue'

type Wish = ArrangementWishes['wishes'][number]

/** What the gardener would grow, how much it is wished for, and how many at most. */
const props = defineProps<{ garden: Garden; wishes: readonly Wish[] }>()
const emit = defineEmits<{ change: [wishes: Wish[]] }>()
const { t } = useI18n()
const { varietyName } = useNames()

const nameOf = (id: string) => {
  const variety = varietyOf(props.garden, id)
  return variety ? varietyName(variety) : ''
}
const rows = computed(() => props.wishes.map((wish) => ({ wish, name: nameOf(wish.varietyId) })))
const free = computed(() =>
  [...props.garden.varieties, ...catalogue]
    .filter(({ id }) => !props.wishes.some((wish) => wish.varietyId === id))
    .map((variety) => ({ id: variety.id, name: varietyName(variety) })),
)
const chosen = ref<string>()

const set = (varietyId: string, change: Partial<Wish>) =>
  emit(
    'change',
    props.wishes.map((wish) => (wish.varietyId === varietyId ? { ...wish, ...change } : wish)),
  )
function add(varietyId: string): void {
  emit('change', [...props.wishes, { varietyId, wish: 'like', atMost: 1 }])
  chosen.value = undefined
}
const remove = (varietyId: string) =>
  emit(
    'change',
    props.wishes.filter((wish) => wish.varietyId !== varietyId),
  )
</script>

<template>
  <section>
    <h2>{{ t('arrange.wishes') }}</h2>
    <el-select
      v-model="chosen"
      filterable
      :placeholder="t('arrange.add')"
      :aria-label="t('arrange.add')"
      @change="add"
    >
      <el-option v-for="one in free" :key="one.id" :value="one.id" :label="one.name" />
    </el-select>
    <ul class="wish-list">
      <li v-for="{ wish, name } in rows" :key="wish.varietyId" :data-wish="wish.varietyId">
        <span class="wish-name">{{ name }}</span>
        <select
          class="wish-kind"
          :value="wish.wish"
          :aria-label="t('arrange.howMuch', { name })"
          @change="
            (event) =>
              set(wish.varietyId, {
                wish: (event.target as HTMLSelectElement).value as Wish['wish'],
              })
          "
        >
          <option v-for="kind in wishKinds" :key="kind" :value="kind">
            {{ t(`arrange.wish.${kind}`) }}
          </option>
        </select>
        <input
          class="wish-most"
          type="number"
          min="1"
          max="200"
          :value="wish.atMost"
          :aria-label="t('arrange.atMostOf', { name })"
          @change="
            (event) =>
              set(wish.varietyId, {
                atMost: Math.min(
                  200,
                  Math.max(1, Math.round(Number((event.target as HTMLInputElement).value)) || 1),
                ),
              })
          "
        />
        <PushButton
          text
          size="small"
          :icon="Delete"
          :aria-label="t('arrange.remove', { name })"
          @click="remove(wish.varietyId)"
        />
      </li>
    </ul>
  </section>
</template>

<style>
.wish-list {
  padding: 0;
  margin: 8px 0 14px;
  list-style: none;
}
.wish-list li {
  display: grid;
  grid-template-columns: 1fr 76px 52px 30px;
  gap: 6px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 2px 0;
}
.wish-name {
  overflow: hidden;
  text-overflow: ellipsis;
}
.wish-kind,
.wish-most {
  font: inherit;
  font-size: 14px;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--el-border-color);
  border-radius: 3px;
  padding: 2px 4px;
  min-height: 28px;
}
@media (max-width: 700px) {
  .wish-kind,
  .wish-most {
    min-height: 44px;
  }
}
</style>
