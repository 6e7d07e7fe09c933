<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { load } from '../loading'
import PushButton from './fields/PushButton.vue'
import TextField from './fields/TextField.vue'
import { useFaultText } from './words/faults'

/** A garden from another device, by the code that it shows. */
const emit = defineEmits<{ taken: [file: File] }>()
const { t } = useI18n()
const { ofError } = useFaultText()

const code = ref('')
const isAsking = ref(false)
const failure = shallowRef<unknown>()
async function take(): Promise<void> {
  failure.value = undefined
  isAsking.value = true
  try {
    const { takeOver } = await load(() => import('../handover/passing'))
    emit('taken', await takeOver(code.value))
    code.value = ''
  } catch (error) {
    failure.value = error
  } finally {
    isAsking.value = false
  }
}
</script>

<template>
  <details class="take-over">
    <summary>{{ t('handover.take') }}</summary>
    <form class="row" @submit.prevent="take">
      <TextField
        v-model="code"
        :label="t('handover.code')"
        :hint="t('handover.codeHint')"
        :fault="failure ? ofError(failure) : undefined"
      />
      <PushButton native-type="submit" type="primary" :loading="isAsking">{{
        t('handover.fetch')
      }}</PushButton>
    </form>
  </details>
</template>

<style>
.take-over .field {
  width: min(100%, 320px);
}
</style>
