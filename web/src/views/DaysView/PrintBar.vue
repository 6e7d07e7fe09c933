<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { Back, Printer } from '@element-plus/icons-vue'
import PushButton from '../../ui/fields/PushButton.vue'
import SwitchButtons from '../../ui/fields/SwitchButtons.vue'
import { papers, usePaper } from './usePaper'
import { useOptions } from '../../ui/fields/options'

/** Above what is printed, and not printed with it: the paper, and the printer. */
defineProps<{ back?: string }>()
const { t } = useI18n()
const { paper, print } = usePaper()
const { optionsOf } = useOptions()
</script>

<template>
  <div class="row print-bar">
    <router-link :to="back ?? '/days'"
      ><el-icon><Back /></el-icon> {{ t(back ? 'report.back' : 'sheet.back') }}</router-link
    >
    <slot></slot>
    <SwitchButtons
      v-model="paper"
      :options="optionsOf(papers, 'sheet')"
      :label="t('sheet.paper')"
    />
    <PushButton type="primary" :icon="Printer" @click="print">{{ t('sheet.print') }}</PushButton>
  </div>
</template>
