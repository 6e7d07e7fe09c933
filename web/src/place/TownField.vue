<script setup lang="ts">
import { computed, ref, shallowRef, useId } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Town } from '@rimbo/core'
import { useFaultText } from '../ui/words/faults'
import { regionOf } from '../ui/words/formatters'
import { useTowns } from './useTowns'

/**
 * A town, found by the beginning of its name; the list comes with the first letter. A field of
 * our own, as WAI-ARIA describes a combobox: a library's would be half of the first minutes' script.
 */
const emit = defineEmits<{ chosen: [town: Town] }>()
const { t, locale } = useI18n()
const { ofError } = useFaultText()
const { ask } = useTowns()
const id = useId()

const MOST = 7
const typed = ref('')
const found = shallowRef<readonly Town[]>([])
/** The one that Enter takes. */
const active = ref(0)
const note = ref('')
const isOpen = computed(() => found.value.length > 0)
const region = regionOf()
const countries = new Intl.DisplayNames([locale.value], { type: 'region' })
const whereIs = ({ country, state }: Town) =>
  [state, countries.of(country) ?? country].filter(Boolean).join(', ')

async function suggest(): Promise<void> {
  const { value: text } = typed
  note.value = ''
  if (!text.trim()) {
    found.value = []
    return
  }
  try {
    const towns = await ask((work) => work.find(text, MOST, region))
    // What was typed since is looked for by itself.
    if (text !== typed.value) return
    found.value = towns
    active.value = 0
    if (!towns.length) note.value = t('start.noTown')
  } catch (error) {
    found.value = []
    note.value = ofError(error)
  }
}
function choose(town: Town | undefined): void {
  if (!town) return
  typed.value = town.name
  found.value = []
  emit('chosen', town)
}
function onKey(event: KeyboardEvent): void {
  if (!isOpen.value) return
  const { length } = found.value
  if (event.key === 'ArrowDown') active.value = (active.value + 1) % length
  else if (event.key === 'ArrowUp') active.value = (active.value + length - 1) % length
  else if (event.key === 'Enter') choose(found.value[active.value])
  else if (event.key === 'Escape') found.value = []
  else return
  event.preventDefault()
}
</script>

<template>
  <div class="field town-field" :class="{ 'field-wrong': note }">
    <label :for="id">{{ t('start.town') }}</label>
    <input
      :id="id"
      v-model="typed"
      class="town-input"
      type="text"
      role="combobox"
      autocomplete="off"
      aria-autocomplete="list"
      :aria-expanded="isOpen"
      :aria-controls="isOpen ? `${id}-list` : undefined"
      :aria-activedescendant="isOpen ? `${id}-${active}` : undefined"
      :aria-describedby="`${id}-note`"
      :placeholder="t('start.townHint')"
      @input="suggest"
      @keydown="onKey"
      @blur="found = []"
    />
    <ul
      v-if="isOpen"
      :id="`${id}-list`"
      class="town-list"
      role="listbox"
      :aria-label="t('start.town')"
    >
      <li
        v-for="(town, index) in found"
        :id="`${id}-${index}`"
        :key="index"
        role="option"
        :aria-selected="index === active"
        @mousedown.prevent
        @mousemove="active = index"
        @click="choose(town)"
      >
        <strong>{{ town.name }}</strong> <span class="soft">{{ whereIs(town) }}</span>
      </li>
    </ul>
    <p :id="`${id}-note`" class="field-note" role="status">{{ note }}</p>
  </div>
</template>

<style>
.town-field {
  position: relative;
}
.town-input {
  width: 100%;
  min-height: 36px;
  padding: 4px 11px;
  font: inherit;
  color: inherit;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 3px;
}
.town-input:focus-visible {
  outline: 2px solid var(--el-color-primary);
  outline-offset: -1px;
}
.town-list {
  position: absolute;
  inset: 60px 0 auto;
  z-index: 5;
  margin: 0;
  padding: 4px 0;
  list-style: none;
  background: var(--sheet);
  border: 1px solid var(--ink);
  border-radius: 3px;
}
.town-list li {
  padding: 7px 11px;
  cursor: pointer;
}
.town-list [aria-selected='true'] {
  background: var(--picked);
}
@media (max-width: 700px) {
  .town-input {
    min-height: 44px;
  }
  .town-list {
    inset: 68px 0 auto;
  }
  .town-list li {
    padding: 11px;
  }
}
</style>
