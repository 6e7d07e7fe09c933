import { ref } from 'vue'
import { useElementSize } from '@vueuse/core'

/** The frame of a chart: its element, its size, and the room that its words take, px. */
export function useChartFrame(room: { readonly right: number; readonly bottom: number }) {
  const frame = ref<HTMLElement>()
  const { width, height } = useElementSize(frame)
  return { frame, width, height, left: 58, top: 10, ...room }
}
