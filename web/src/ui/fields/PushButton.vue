<script setup lang="ts">
import type { Component } from 'vue'

/** A button. The library's own brings a library of colours with it, for which the first screen would wait. */
const {
  type = 'default',
  nativeType = 'button',
  size = 'default',
} = defineProps<{
  type?: 'default' | 'primary'
  nativeType?: 'button' | 'submit'
  size?: 'default' | 'small'
  icon?: Component
  /** Work goes on that it began: not to be pressed again until it is done. */
  loading?: boolean
  disabled?: boolean
  /** Without a frame, or as a link in a text. */
  text?: boolean
  link?: boolean
}>()
</script>

<template>
  <button
    class="push-button"
    :class="{
      'push-primary': type === 'primary',
      'push-small': size === 'small',
      'push-text': text,
      'push-link': link,
      'push-busy': loading,
    }"
    :type="nativeType"
    :disabled="disabled || loading"
    :aria-busy="loading || undefined"
  >
    <component :is="icon" v-if="icon" class="push-icon" aria-hidden="true" />
    <span v-if="$slots.default"><slot /></span>
  </button>
</template>

<style>
.push-button {
  display: inline-flex;
  justify-content: center;
  align-items: center;
  gap: 6px;
  box-sizing: border-box;
  min-height: 32px;
  padding: 6px 15px;
  font: inherit;
  font-size: 14px;
  font-weight: 500;
  line-height: 1.15;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--el-border-color);
  border-radius: 3px;
  cursor: pointer;
  text-decoration: none;
  user-select: none;
}
.push-button:hover {
  color: var(--el-color-primary);
  background: var(--el-color-primary-light-9);
  border-color: var(--el-color-primary);
}
.push-button + .push-button {
  margin-left: 12px;
}
.push-primary {
  color: var(--el-color-white, #fff);
  background: var(--el-color-primary);
  border-color: var(--el-color-primary);
}
.push-primary:hover {
  color: var(--el-color-white, #fff);
  background: var(--el-color-primary-light-3);
  border-color: var(--el-color-primary-light-3);
}
.push-small {
  min-height: 24px;
  padding: 4px 11px;
  font-size: 12px;
}
.push-text,
.push-link {
  background: none;
  border-color: transparent;
}
.push-text:hover {
  color: var(--ink);
  background: var(--hover);
  border-color: transparent;
}
.push-link {
  min-height: 0;
  padding: 2px;
  color: var(--el-color-primary);
}
.push-button:disabled {
  opacity: 0.5;
  cursor: not-allowed;
}
.push-icon {
  width: 1em;
  height: 1em;
  flex: none;
}
.push-busy .push-icon {
  animation: push-busy 1.2s linear infinite;
}
@keyframes push-busy {
  to {
    rotate: 1turn;
  }
}
</style>
