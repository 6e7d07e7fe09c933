<script setup lang="ts">
import { useI18n } from 'vue-i18n'

defineEmits<{ close: [] }>()
const { t } = useI18n()
const keys = ['find', 'help', 'undo', 'redo', 'along', 'open', 'close'] as const
</script>

<template>
  <el-dialog :model-value="true" :title="t('shortcuts.title')" width="420" @close="$emit('close')">
    <table>
      <tbody>
        <tr v-for="key in keys" :key="key">
          <th scope="row">{{ t(`shortcuts.${key}.keys`) }}</th>
          <td>{{ t(`shortcuts.${key}.does`) }}</td>
        </tr>
      </tbody>
    </table>
  </el-dialog>
</template>
