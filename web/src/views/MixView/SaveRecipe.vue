<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { nameSchema, type Recipe } from '@rimbo/core'
import { useFaultText } from '../../ui/words/faults'
import TextField from '../../ui/fields/TextField.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** Keeps a changed recipe, or puts it back; removes one of the gardener's own. */
const props = defineProps<{ base: Recipe; recipe: Recipe; isChanged: boolean; isOwn: boolean }>()
const emit = defineEmits<{
  keep: [name: string, recipe: Recipe, id?: string]
  putBack: []
  remove: []
}>()
const { t } = useI18n()
const { textFault } = useFaultText()

const name = ref('')
watch(
  () => props.base.id,
  () => (name.value = ''),
)
const nameFault = computed(() => (name.value ? textFault(nameSchema, name.value) : undefined))
const isNamed = computed(() => !!name.value.trim() && !nameFault.value)
</script>

<template>
  <form
    v-if="isChanged"
    class="save-recipe"
    @submit.prevent="isNamed && emit('keep', name.trim(), recipe)"
  >
    <TextField
      v-model="name"
      :label="t('mix.saveAs')"
      :fault="nameFault"
      :hint="t('mix.saveHint')"
    />
    <div class="row">
      <PushButton size="small" native-type="submit" type="primary" :disabled="!isNamed">
        {{ t('mix.saveNew') }}
      </PushButton>
      <PushButton v-if="isOwn" size="small" @click="emit('keep', base.name ?? '', recipe, base.id)">
        {{ t('mix.saveChange') }}
      </PushButton>
      <PushButton size="small" @click="emit('putBack')">{{ t('mix.putBack') }}</PushButton>
    </div>
  </form>
  <PushButton v-else-if="isOwn" class="save-recipe" size="small" @click="emit('remove')">
    {{ t('mix.removeRecipe') }}
  </PushButton>
</template>

<style>
.save-recipe {
  margin-bottom: 12px;
}
</style>
