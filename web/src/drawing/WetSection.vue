<script setup lang="ts">
import { computed } from 'vue'
import { area, line } from 'd3'
import { useI18n } from 'vue-i18n'
import {
  drainedProfile,
  innerSizeMm,
  LEAST_AIR_SHARE,
  standingRimMm,
  wetZoneMm,
  type PotToday,
} from '@rimbo/core'
import PotSection from './PotSection.vue'
import { drawnFloorMm, drawnWallMm } from './wall'

/**
 * A container in section, drained, and beside it at the same heights what a
 * litre of its mix is there: solid, water and air.
 */
const props = defineProps<{
  pot: PotToday
  width: number
  height: number
  label: string
  /** Up to here a reservoir's water climbs, above the inner floor. */
  reachesMm?: number | undefined
}>()
const { t } = useI18n()

const EDGE_PX = 12
const BAND_PX = 118
const STEPS = 24

/** Alone and standing, whatever grows in it and wherever it hangs. */
const shown = computed<PotToday>(() => ({
  ...props.pot,
  plants: [],
  container: {
    ...props.pot.container,
    baseHeightMm: 0,
    mulchMm: 0,
    type: props.pot.container.type === 'basket' ? 'pot' : props.pot.container.type,
  },
}))
const frame = computed(() => {
  const { container } = shown.value
  const rimMm = standingRimMm(container)
  const topMm = rimMm + (container.rings?.heightMm ?? 0)
  const halfMm = innerSizeMm(container.shape, rimMm).lengthMm / 2 + container.wallMm
  const scale = Math.min(
    (props.width - BAND_PX - 4 * EDGE_PX) / (2 * halfMm + (container.tower ? 80 : 0)),
    (props.height - 2 * EDGE_PX - 14) / topMm,
  )
  const groundY = props.height - EDGE_PX
  const floorY = groundY - drawnFloorMm(container, scale) * scale
  const middle = (props.width - BAND_PX - EDGE_PX) / 2
  return {
    scale,
    groundY,
    middle,
    left: props.width - BAND_PX - EDGE_PX,
    right: middle + (halfMm + drawnWallMm(container, scale)) * scale,
    y: (zMm: number) => floorY - zMm * scale,
  }
})
const rows = computed(() =>
  shown.value.mix ? drainedProfile(shown.value.mix.body, shown.value.mix.curve, STEPS) : [],
)
const x = (share: number) => frame.value.left + share * BAND_PX

/** From the left: solid, water, air. */
const bands = computed(() => {
  type Row = (typeof rows.value)[number]
  const solid = (row: Row) => 1 - row.waterShare - row.airShare
  const between = (from: (row: Row) => number, to: (row: Row) => number) =>
    area<Row>()
      .y((row) => frame.value.y(row.zMm))
      .x0((row) => x(from(row)))
      .x1((row) => x(to(row)))(rows.value) ?? ''
  return {
    solid: between(() => 0, solid),
    water: between(solid, (row) => solid(row) + row.waterShare),
    air: between(
      (row) => solid(row) + row.waterShare,
      () => 1,
    ),
    edge:
      line<Row>()
        .y((row) => frame.value.y(row.zMm))
        .x((row) => x(solid(row) + row.waterShare))(rows.value) ?? '',
  }
})
const top = computed(() => rows.value.at(-1)!)
const bottom = computed(() => rows.value[0]!)
/** Where the mix is first airy enough for roots, where that is within the pot. */
const airyFrom = computed(() => {
  const { body, curve } = shown.value.mix!
  const zMm = body.waterTableMm + wetZoneMm(curve)
  return zMm < top.value.zMm ? zMm : undefined
})
const middleOf = (share: 'solid' | 'water' | 'air') => {
  const row = rows.value[Math.round(STEPS * 0.8)]!
  const solid = 1 - row.waterShare - row.airShare
  const at = { solid: solid / 2, water: solid + row.waterShare / 2, air: 1 - row.airShare / 2 }
  return { x: x(at[share]), y: frame.value.y(row.zMm), isWide: rowWidth(row, share) > 0.27 }
}
const rowWidth = (row: (typeof rows.value)[number], share: 'solid' | 'water' | 'air') =>
  share === 'air'
    ? row.airShare
    : share === 'water'
      ? row.waterShare
      : 1 - row.waterShare - row.airShare
</script>

<template>
  <svg
    :viewBox="`0 0 ${width} ${height}`"
    :width="width"
    :height="height"
    role="img"
    :aria-label="label"
    class="wet-section"
  >
    <path class="ground" :d="`M0 ${frame.groundY}H${width}`" />
    <g :transform="`translate(${frame.middle} ${frame.groundY}) scale(${frame.scale})`">
      <PotSection :pot="shown" :scale="frame.scale" />
    </g>
    <template v-if="rows.length">
      <path class="band-air" :d="bands.air" />
      <path class="band-water" :d="bands.water" />
      <path class="band-solid" :d="bands.solid" />
      <path class="band-edge" :d="bands.edge" />
      <path
        class="band-frame"
        :d="`M${x(0)} ${frame.y(top.zMm)}H${x(1)}V${frame.y(bottom.zMm)}H${x(0)}z`"
      />
      <template v-for="share in ['solid', 'water', 'air'] as const" :key="share">
        <text
          v-if="middleOf(share).isWide"
          :x="middleOf(share).x"
          :y="middleOf(share).y"
          text-anchor="middle"
          :class="`band-word band-word-${share}`"
        >
          {{ t(`mix.band.${share}`) }}
        </text>
      </template>
      <template v-if="airyFrom">
        <path class="airy-line" :d="`M${frame.right + 3} ${frame.y(airyFrom)}H${x(1)}`" />
        <text class="airy-word" :x="x(1)" :y="frame.y(airyFrom) - 5" text-anchor="end">
          {{ t('mix.airyAbove', { share: `${LEAST_AIR_SHARE * 100} %` }) }}
        </text>
      </template>
      <template v-if="reachesMm !== undefined && reachesMm < top.zMm">
        <path class="reach-line" :d="`M${frame.right + 3} ${frame.y(reachesMm)}H${x(1)}`" />
        <text class="airy-word" :x="x(1)" :y="frame.y(reachesMm) - 5" text-anchor="end">
          {{ t('mix.climbsTo') }}
        </text>
      </template>
    </template>
  </svg>
</template>

<style>
.wet-section {
  display: block;
  max-width: 100%;
}
.wet-section text {
  font-size: 12px;
  fill: var(--ink);
}
.band-solid {
  fill: var(--earth);
}
.band-water {
  fill: var(--wet);
  fill-opacity: 0.55;
}
.band-air {
  fill: var(--sheet);
}
.band-edge {
  fill: none;
  stroke: var(--wet-ink);
  stroke-width: 1.6;
}
.band-frame {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1;
}
.wet-section .band-word {
  font-weight: 600;
  pointer-events: none;
}
.airy-line,
.reach-line {
  stroke: var(--accent);
  stroke-width: 1.3;
  stroke-dasharray: 5 3;
}
.reach-line {
  stroke: var(--wet-ink);
}
.wet-section .airy-word {
  font-size: 11.5px;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3;
}
</style>
