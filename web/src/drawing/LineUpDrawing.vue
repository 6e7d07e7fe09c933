<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useElementSize } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import type { PotToday, UnitSystem } from '@rimbo/core'
import { lineUpLayout, RULER_PX, rulerTicks } from './layout'
import PotSection from './PotSection.vue'
import { useStablePots } from './useStablePots'

/** All pots of a space in section on one ground line, to scale, with a height ruler. */
const props = defineProps<{
  pots: readonly PotToday[]
  system: UnitSystem
  selectedId: string | undefined
  /** Words for each pot, by its id: its plants, its water, and the whole for a screen reader. */
  words: Readonly<Record<string, { plants: string; water: string; whole: string }>>
  label: string
}>()
const emit = defineEmits<{ select: [id: string] }>()

const { t } = useI18n()
const frame = ref<HTMLElement>()
const { width, height } = useElementSize(frame)

/** Room under the ground line for names and water, px. */
const CAPTION_PX = 112

const belowMm = computed(() =>
  Math.max(30, ...props.pots.map((pot) => -pot.container.baseHeightMm + 40)),
)
/** What is drawn in section; water and records are told beside it and change more often. */
const drawn = useStablePots(() => props.pots)

const layout = computed(() =>
  lineUpLayout(
    drawn.value,
    Math.max(width.value, 320),
    Math.max(height.value - CAPTION_PX, 160),
    belowMm.value,
  ),
)
const ticks = computed(() => rulerTicks(layout.value.topMm, props.system))
const isSunken = computed(() => props.pots.some((pot) => pot.container.baseHeightMm < 0))

/** A bead's area goes with its litres; it is filled when they were given. */
const beads = computed(() =>
  Object.fromEntries(
    props.pots.flatMap(({ container, need, remainingL, givenL }) =>
      need
        ? [
            [
              container.id,
              {
                radius: 3 + 4.2 * Math.sqrt(remainingL || givenL),
                isDone: remainingL === 0 && givenL > 0,
              },
            ],
          ]
        : [],
    ),
  ),
)

const captionY = computed(() => layout.value.groundY + belowMm.value * layout.value.scale)

/** The chosen pot stays in sight when its panel takes room from the line. */
watch(
  () => [props.selectedId, width.value],
  () =>
    frame.value
      ?.querySelector('.is-selected')
      ?.scrollIntoView({ inline: 'nearest', block: 'nearest' }),
  { flush: 'post' },
)

function step(event: KeyboardEvent, by: number): void {
  const list = [...(frame.value?.querySelectorAll<SVGGElement>('[data-pot]') ?? [])]
  const index = list.indexOf(event.currentTarget as SVGGElement)
  list[index + by]?.focus()
}
</script>

<template>
  <div ref="frame" class="line-up-frame">
    <svg
      v-if="width > 0"
      class="line-up ruler"
      :width="RULER_PX"
      :height="height"
      aria-hidden="true"
    >
      <path :d="`M50 ${layout.groundY}V12`" />
      <g
        v-for="tick in ticks"
        :key="tick.mm"
        :transform="`translate(0 ${layout.groundY - tick.mm * layout.scale})`"
      >
        <path d="M44 0H50" />
        <text x="40" y="4">{{ tick.value }}</text>
      </g>
      <path class="ground" :d="`M50 ${layout.groundY}H${RULER_PX}`" />
      <text x="40" :y="captionY + 22">
        {{ t(system === 'metric' ? 'lineUp.metres' : 'lineUp.feet') }}
      </text>
    </svg>
    <svg
      v-if="width > 0"
      :viewBox="`${RULER_PX} 0 ${layout.width - RULER_PX} ${height}`"
      :width="layout.width - RULER_PX"
      :height="height"
      role="group"
      :aria-label="label"
      class="line-up"
    >
      <path
        v-for="tick in ticks"
        :key="tick.mm"
        class="ruler-guide"
        :d="`M${RULER_PX} ${layout.groundY - tick.mm * layout.scale}H${layout.width}`"
      />
      <rect
        v-if="isSunken"
        class="earth"
        :x="RULER_PX"
        :y="layout.groundY"
        :width="layout.width - RULER_PX"
        :height="belowMm * layout.scale"
      />
      <path class="ground" :d="`M${RULER_PX} ${layout.groundY}H${layout.width}`" />
      <g
        v-for="{ pot, x, width: column } in layout.pots"
        :key="pot.container.id"
        :data-pot="pot.container.code"
        role="button"
        tabindex="0"
        :aria-label="words[pot.container.id]?.whole"
        :aria-pressed="pot.container.id === selectedId"
        class="line-up-pot"
        :class="{ 'is-selected': pot.container.id === selectedId }"
        @click="emit('select', pot.container.id)"
        @keydown.enter.prevent="emit('select', pot.container.id)"
        @keydown.space.prevent="emit('select', pot.container.id)"
        @keydown.right.prevent="step($event, 1)"
        @keydown.left.prevent="step($event, -1)"
      >
        <rect
          class="pot-column"
          :x="x - column / 2 - 8"
          y="4"
          :width="column + 16"
          :height="height - 8"
          rx="3"
        />
        <g :transform="`translate(${x} ${layout.groundY}) scale(${layout.scale})`">
          <PotSection :pot="pot" :scale="layout.scale" />
        </g>
        <text class="pot-code" :x="x" :y="captionY + 22">{{ pot.container.code }}</text>
        <text class="pot-plants" :x="x" :y="captionY + 38">
          {{ words[pot.container.id]?.plants }}
        </text>
        <path class="string" :d="`M${x} ${captionY + 46}V${captionY + 104}`" />
        <circle
          v-if="beads[pot.container.id]"
          class="bead"
          :class="{ 'bead-done': beads[pot.container.id]?.isDone }"
          :cx="x"
          :cy="captionY + 72"
          :r="beads[pot.container.id]?.radius"
        />
        <text class="pot-water" :x="x + 16" :y="captionY + 76">
          {{ words[pot.container.id]?.water }}
        </text>
      </g>
    </svg>
  </div>
</template>

<style>
.line-up-frame {
  flex: 1;
  min-height: 0;
  display: flex;
  overflow: auto hidden;
}
.line-up {
  display: block;
  flex: none;
}
.line-up.ruler {
  position: sticky;
  left: 0;
  background: var(--paper);
}
.line-up text {
  fill: var(--ink);
  font-size: 12px;
}
.ruler text {
  text-anchor: end;
  fill: var(--ink-soft);
  font-variant-numeric: tabular-nums;
}
.ruler path:not(.ground) {
  stroke: var(--seen);
  stroke-width: 1;
}
.ruler-guide {
  stroke: var(--guide);
}
.ground {
  stroke: var(--ink);
  stroke-width: 2.2;
}
.earth {
  fill: var(--earth);
}
.line-up-pot {
  cursor: pointer;
  outline: none;
}
.pot-column {
  fill: transparent;
}
.line-up-pot:hover .pot-column {
  fill: var(--hover);
  fill-opacity: 0.6;
}
.line-up-pot.is-selected .pot-column {
  fill: var(--picked);
  fill-opacity: 0.6;
}
.line-up-pot:focus-visible .pot-column {
  stroke: var(--accent);
  stroke-width: 2.5;
}
.line-up .pot-code {
  font-weight: 700;
  font-size: 14px;
  text-anchor: middle;
}
.line-up .pot-plants {
  text-anchor: middle;
}
.string {
  stroke: var(--seen);
  stroke-width: 1;
}
.bead {
  fill: var(--paper);
  stroke: var(--wet-ink);
  stroke-width: 2;
}
.bead-done {
  fill: var(--wet-ink);
}
.line-up .pot-water {
  font-variant-numeric: tabular-nums;
}
</style>
