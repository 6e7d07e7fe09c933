<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { useI18n } from 'vue-i18n'
import { boundaryMoved, type BatchLine, type Recipe } from '@rimbo/core'
import MixHatch from '../../drawing/MixHatch.vue'
import { vDrag } from '../../drawing/vDrag'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'

/**
 * The tub in section before mixing: a layer for each ingredient, as high as its
 * litres. The boundary between two layers is dragged, or moved by arrow keys.
 */
const props = defineProps<{
  lines: readonly BatchLine[]
  label: string
  /** Left out where the layers are only shown. */
  recipe?: Recipe | undefined
}>()
const emit = defineEmits<{ change: [recipe: Recipe] }>()
const id = useId()
const { t } = useI18n()
const { volume, share } = useFormat()
const { ingredientName } = useNames()

const WIDTH = 140
const HEIGHT = 264
const EDGE = 6
/** For the names beside the layers. */
const NAMES = 118
/** Lines of a name and its litres must not run into the next, px. */
const LEAST_LABEL = 31

const layers = computed(() => {
  const total = props.lines.reduce((sum, line) => sum + line.looseL, 0)
  let below = 0
  return props.lines.map((line) => {
    const part = line.looseL / total
    const layer = { ...line, id: line.ingredient.id, part, below, above: below + part }
    below += part
    return layer
  })
})
const yOf = (atShare: number) => EDGE + HEIGHT * (1 - atShare)
/** From below, each label at its layer, pushed up where the one below needs the room. */
const labels = computed(() => {
  let lowest = EDGE + HEIGHT + LEAST_LABEL / 2
  return layers.value.map((layer) => {
    const y = Math.min(yOf((layer.below + layer.above) / 2), lowest - LEAST_LABEL)
    lowest = y
    return { ...layer, y }
  })
})

const STEP = 0.01
function move(index: number, atShare: number): void {
  if (props.recipe) emit('change', boundaryMoved(props.recipe, index, atShare))
}
/** While a boundary is held, the layers it parts, so that it never slips to others. */
const held = ref<number>()
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH + NAMES + 2 * EDGE} ${HEIGHT + 2 * EDGE}`"
    :width="WIDTH + NAMES + 2 * EDGE"
    :height="HEIGHT + 2 * EDGE"
    :role="recipe ? 'group' : 'img'"
    :aria-label="label"
    class="tub"
  >
    <defs>
      <MixHatch
        v-for="layer in layers"
        :id="`${id}-${layer.id}`"
        :key="layer.id"
        :shares="[{ ingredientId: layer.id, share: 1 }]"
        :scale="1"
      />
    </defs>
    <rect
      v-for="layer in layers"
      :key="layer.id"
      :x="EDGE"
      :y="yOf(layer.above)"
      :width="WIDTH"
      :height="HEIGHT * layer.part"
      :fill="`url(#${id}-${layer.id})`"
    />
    <g v-for="layer in labels" :key="layer.id" aria-hidden="true">
      <text :x="EDGE + WIDTH + 12" :y="layer.y - 2">{{ ingredientName(layer.id) }}</text>
      <text class="tub-litres" :x="EDGE + WIDTH + 12" :y="layer.y + 13">
        {{ share(layer.part) }} · {{ volume(layer.looseL) }}
      </text>
    </g>
    <template v-for="(layer, index) in layers.slice(0, -1)" :key="layer.id">
      <path class="tub-boundary" :d="`M${EDGE} ${yOf(layer.above)}h${WIDTH}`" />
      <g
        v-if="recipe"
        v-drag="
          (_: number, y: number, isDone: boolean) => {
            held = isDone ? undefined : index
            move(index, 1 - (y - EDGE) / HEIGHT)
          }
        "
        class="tub-grip"
        :class="{ 'tub-held': held === index }"
        tabindex="0"
        role="slider"
        aria-orientation="vertical"
        aria-valuemin="0"
        aria-valuemax="100"
        :aria-valuenow="Math.round(layer.above * 100)"
        :aria-label="
          t('mix.boundary', {
            lower: ingredientName(layer.id),
            upper: ingredientName(layers[index + 1]!.id),
          })
        "
        :aria-valuetext="
          t('mix.boundaryAt', {
            lower: share(layer.part),
            upper: share(layers[index + 1]!.part),
          })
        "
        @keydown.up.prevent="move(index, layer.above + STEP)"
        @keydown.right.prevent="move(index, layer.above + STEP)"
        @keydown.down.prevent="move(index, layer.above - STEP)"
        @keydown.left.prevent="move(index, layer.above - STEP)"
        @keydown.page-up.prevent="move(index, layer.above + 5 * STEP)"
        @keydown.page-down.prevent="move(index, layer.above - 5 * STEP)"
      >
        <rect :x="EDGE" :y="yOf(layer.above) - 9" :width="WIDTH" height="18" class="tub-touch" />
        <path
          class="tub-handle"
          :d="`M${EDGE + WIDTH / 2 - 16} ${yOf(layer.above)}h32m-22 -5l6 -6l6 6m-12 10l6 6l6 -6`"
        />
      </g>
    </template>
    <path
      class="tub-wall"
      :d="`M${EDGE - 2} ${EDGE - 5}V${EDGE + HEIGHT + 2}h${WIDTH + 4}V${EDGE - 5}`"
    />
  </svg>
</template>

<style>
.tub {
  display: block;
  flex: none;
}
.tub text {
  fill: var(--ink);
  font-size: 13px;
}
.tub .tub-litres {
  font-weight: 700;
}
.tub-boundary {
  stroke: var(--ink);
  stroke-width: 1.2;
}
.tub-wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3.5;
}
.tub-grip {
  cursor: ns-resize;
  outline: none;
  touch-action: none;
}
.tub-touch {
  fill: transparent;
}
.tub-grip:hover .tub-touch,
.tub-held .tub-touch {
  fill: var(--accent-fill);
  fill-opacity: 0.25;
}
.tub-grip:focus-visible .tub-touch {
  stroke: var(--accent);
  stroke-width: 2;
}
.tub-handle {
  fill: none;
  stroke: var(--accent);
  stroke-width: 2.2;
  stroke-linecap: round;
}
</style>
