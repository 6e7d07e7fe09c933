import { defineStore } from 'pinia'
import { ref } from 'vue'

/** The pot that was looked at last: chosen in one view, it stays chosen in the next. */
export const useChosenStore = defineStore('chosen', () => {
  const potId = ref<string>()
  return { potId }
})
