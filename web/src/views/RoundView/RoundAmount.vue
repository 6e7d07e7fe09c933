<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { fieldSchema, recordSchema } from '@rimbo/core'
import PushButton from '../../ui/fields/PushButton.vue'
import QuantityField from '../../ui/fields/QuantityField.vue'

/** Another amount of water than was reckoned. */
const props = defineProps<{ startL: number; isSaving: boolean }>()
const emit = defineEmits<{ water: [volumeL: number]; drip: [] }>()

const { t } = useI18n()
const amountL = ref<number | undefined>(props.startL)
function give(): void {
  if (amountL.value) emit('water', amountL.value)
}
</script>

<template>
  <form class="round-more" @submit.prevent="give">
    <QuantityField
      v-model="amountL"
      dimension="volume"
      :schema="fieldSchema(recordSchema, { kind: 'water' }, 'volumeL')"
      :label="t('round.howMuch')"
    />
    <PushButton type="primary" native-type="submit" :disabled="!amountL || isSaving">
      {{ t('round.record') }}
    </PushButton>
    <PushButton :disabled="isSaving" @click="emit('drip')">{{ t('round.untilDrip') }}</PushButton>
  </form>
</template>
