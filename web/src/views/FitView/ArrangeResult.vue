<script setup lang="ts">
import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  grownPot,
  varietyOf,
  type Arrangement,
  type Garden,
  type PlacedPlants,
  type StandingSpot,
} from '@rimbo/core'
import SectionFigure from '../../drawing/SectionFigure.vue'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import ReasonList from '../../ui/words/ReasonList.vue'
import WhyNumber from '../../ui/words/WhyNumber.vue'

/** The arrangement that was found: each pot in section with its grown plants, and who was left out. */
const props = defineProps<{
  garden: Garden
  arrangement: Arrangement
  spots: readonly StandingSpot[]
}>()
defineEmits<{
  pin: [containerId: string, change: { stays?: boolean; varietyId?: string | undefined }]
}>()

const { t } = useI18n()
const { mass, money, share } = useFormat()
const { varietyName } = useNames()
const { date } = storeToRefs(useTodayStore())

/** A pot as it would stand with these plants alone, grown. */
const grown = ({ container, variety, count }: PlacedPlants) =>
  grownPot(
    { ...props.garden, plantings: [] },
    container,
    { varietyId: variety.id, count },
    date.value,
  )
const spaceName = (spotId: string) => {
  const spot = props.spots.find(({ id }) => id === spotId)
  return props.garden.spaces.find(({ id }) => id === spot?.spaceId)?.name ?? ''
}
const pinOf = (containerId: string) =>
  props.garden.arrangement?.pins.find((pin) => pin.containerId === containerId)

/** In walking order, what is to be bought last. */
const order = computed(
  () => new Map(props.garden.containers.map(({ id }, index) => [id, index] as const)),
)
const cards = computed(() =>
  props.arrangement.status === 'impossible'
    ? []
    : [...props.arrangement.placements]
        .sort(
          (one, other) =>
            (order.value.get(one.containerId ?? '') ?? Infinity) -
            (order.value.get(other.containerId ?? '') ?? Infinity),
        )
        .map((placement, index) => ({
          key: `${placement.containerId ?? placement.offerId} ${index}`,
          placement,
          pot: grown(placement),
          where: placement.offerId
            ? t('arrange.toBuy')
            : t(placement.spotId === placement.containerId ? 'arrange.stays' : 'arrange.moves'),
        })),
)
/** What was found, in sentences: how good, how it was reckoned, what it costs, what stays empty. */
const sum = computed(() => {
  const found = props.arrangement
  if (found.status === 'impossible') return []
  const total = mass(found.value * 1000)
  const used = new Set(found.placements.map(({ containerId }) => containerId))
  const codes = props.garden.containers.filter(({ id }) => !used.has(id)).map(({ code }) => code)
  return [
    found.status === 'proven'
      ? t('arrange.proven', { total })
      : t('arrange.timeLimit', { total, gap: share(found.gapShare) }),
    ...(found.alikeShare ? [t('arrange.provenAlike', { alike: share(found.alikeShare) })] : []),
    ...(found.cost ? [t('arrange.cost', { cost: money(found.cost) })] : []),
    ...(codes.length ? [t('arrange.empty', { codes: codes.join(', ') })] : []),
  ]
})
const conflicts = computed(() =>
  props.arrangement.status === 'impossible'
    ? props.arrangement.conflicts.map((conflict) => {
        if (conflict.kind === 'must')
          return t('arrange.conflictMust', { name: varietyName(conflict.variety) })
        const { containerId, varietyId } = conflict.pin
        const variety = varietyOf(props.garden, varietyId ?? '')
        return t('arrange.conflictPin', {
          code: props.garden.containers.find(({ id }) => id === containerId)?.code ?? '',
          name: variety ? varietyName(variety) : '',
        })
      })
    : [],
)
</script>

<template>
  <div>
    <template v-if="arrangement.status === 'impossible'">
      <h2>{{ t('arrange.impossible') }}</h2>
      <p>{{ t('arrange.conflict') }}</p>
      <ul class="place-wrong">
        <li v-for="conflict in conflicts" :key="conflict">{{ conflict }}</li>
      </ul>
    </template>
    <template v-else>
      <p class="arrange-sum" role="status" data-fact="arranged">
        <strong>{{ sum[0] }}</strong> {{ sum.slice(1).join(' ') }}
      </p>
      <div class="arrange-cards">
        <article v-for="card in cards" :key="card.key" :data-placed="card.placement.container.code">
          <SectionFigure
            :pot="card.pot"
            :width="108"
            :height="128"
            :label="varietyName(card.placement.variety)"
          />
          <div>
            <h3>
              {{
                card.placement.offerId
                  ? card.placement.container.name
                  : card.placement.container.code
              }}
              <span class="soft">{{
                t('arrange.onSpace', { space: spaceName(card.placement.spotId), where: card.where })
              }}</span>
            </h3>
            <p>
              {{ varietyName(card.placement.variety) }} × {{ card.placement.count }}<br />
              <WhyNumber
                :value="mass(card.placement.expectedKg * 1000)"
                :reasons="card.placement.reasons"
                :about="varietyName(card.placement.variety)"
              />
            </p>
            <template v-if="card.placement.containerId">
              <el-checkbox
                size="small"
                :model-value="!!pinOf(card.placement.containerId)?.stays"
                :label="t('arrange.pinPlace')"
                @update:model-value="
                  (value: unknown) =>
                    $emit('pin', card.placement.containerId!, { stays: value === true })
                "
              />
              <el-checkbox
                size="small"
                :model-value="
                  pinOf(card.placement.containerId)?.varietyId === card.placement.variety.id
                "
                :label="t('arrange.pinPlant')"
                @update:model-value="
                  (value: unknown) =>
                    $emit('pin', card.placement.containerId!, {
                      varietyId: value === true ? card.placement.variety.id : undefined,
                    })
                "
              />
            </template>
          </div>
        </article>
      </div>
      <template v-if="arrangement.leftOut.length">
        <h2>{{ t('arrange.leftOut') }}</h2>
        <dl class="left-out">
          <div v-for="one in arrangement.leftOut" :key="one.variety.id" :data-left="one.variety.id">
            <dt>{{ varietyName(one.variety) }}</dt>
            <dd><ReasonList :reasons="one.reasons" brief /></dd>
          </div>
        </dl>
      </template>
      <p class="soft">{{ t('arrange.loadHalf') }}</p>
    </template>
  </div>
</template>

<style>
.arrange-sum {
  font-size: 17px;
}
.arrange-cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(262px, 1fr));
  gap: 10px 18px;
  margin-bottom: 14px;
}
.arrange-cards article {
  display: grid;
  grid-template-columns: 108px 1fr;
  gap: 10px;
  border-bottom: 1px solid var(--line);
}
.arrange-cards h3 {
  margin: 6px 0 2px;
}
.arrange-cards h3 .soft {
  font: 13px var(--font-text);
}
.arrange-cards p {
  margin: 0;
}
.arrange-cards .el-checkbox {
  display: flex;
  height: 22px;
  white-space: normal;
}
.left-out div {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 12px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
.left-out dt {
  font-weight: 600;
}
.left-out dd {
  margin: 0;
}
</style>
