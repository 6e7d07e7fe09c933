<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { Close } from '@element-plus/icons-vue'
import { nanoid } from 'nanoid'
import {
  edits,
  feedProducts,
  fieldSchema,
  labelToElements,
  priceOfG,
  productProvenance,
  reason,
  releaseReasons,
  recordSchema,
  shelfStock,
  spoonMassG,
  type FeedProduct,
  type ShelfStock,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import ChoiceField from '../../ui/fields/ChoiceField.vue'
import { vOpened } from '../../ui/fields/opened'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'
import QuantityField from '../../ui/fields/QuantityField.vue'
import WhyNumber from '../../ui/words/WhyNumber.vue'
import ProductForm from './ProductForm.vue'
import PushButton from '../../ui/fields/PushButton.vue'

/** The feeds at hand: what their labels say, what a spoon weighs, and how much is left. */
const store = useGardenStore()
const { garden, isSaving } = storeToRefs(store)
const { now } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { mass, money, day, number } = useFormat()
const { productName } = useNames()

const stocks = computed(() => (garden.value ? shelfStock(garden.value) : []))
const PRINTED = [
  ['p2o5', 'P₂O₅'],
  ['p', 'P'],
  ['k2o', 'K₂O'],
  ['k', 'K'],
  ['cao', 'CaO'],
  ['ca', 'Ca'],
  ['mgo', 'MgO'],
  ['mg', 'Mg'],
] as const
const two = (value: number) => number(Math.round(value * 100) / 100)
/** N-P-K as labels print it, and what else is on it. */
function labelWords({ analysis }: FeedProduct): string {
  const { n = 0, p2o5 = 0, k2o = 0 } = analysis
  const more = PRINTED.filter(([key]) => key !== 'p2o5' && key !== 'k2o' && analysis[key])
  return [
    `${two(n)}-${two(p2o5)}-${two(k2o)}`,
    ...more.map(([key, sign]) => `${two(analysis[key]!)} ${sign}`),
  ].join(' + ')
}
function elementWords({ analysis }: FeedProduct): string {
  const elements = labelToElements(analysis)
  return (['n', 'p', 'k', 'ca', 'mg'] as const)
    .filter((one) => elements[one] > 0)
    .map((one) => `${t(`nutrientSign.${one}`)} ${two(elements[one])}`)
    .join(' · ')
}
const spoon = (product: FeedProduct) =>
  product.densityGMl === undefined || !garden.value
    ? undefined
    : spoonMassG(
        product,
        'tablespoon',
        garden.value.settings.unitSystem,
        garden.value.settings.measures,
      )
const KILO = 1000
const kiloPrice = (product: FeedProduct) => {
  const price = priceOfG(product)
  return price === undefined ? '–' : money(price * KILO)
}

const countSchema = fieldSchema(recordSchema, { kind: 'count' }, 'amount')
const counted = (amount: number) => ({ recordId: nanoid(), at: now.value, amount })
const isCount = (value: number | undefined): value is number => countSchema.safeParse(value).success
const countedId = ref<string>()
const countedG = ref<number>()
function startCount({ product, leftG }: ShelfStock): void {
  countedId.value = product.id
  countedG.value = Math.round(leftG)
}
async function putOn(productId: string, massG: number): Promise<void> {
  await store.edit(edits.countOnShelf(productId, productName(productId), counted(massG)))
}
async function keepCount(): Promise<void> {
  if (countedId.value === undefined || !isCount(countedG.value)) return
  await putOn(countedId.value, countedG.value)
  countedId.value = undefined
}
async function takeOff(productId: string): Promise<void> {
  await store.edit(edits.takeOffShelf(productId, productName(productId)))
}

// Another one.
const addId = ref<string>()
const addG = ref<number>()
const addChoices = computed(() =>
  garden.value
    ? feedProducts(garden.value)
        .filter(({ id }) => !stocks.value.some(({ product }) => product.id === id))
        .map(({ id }) => ({ value: id, label: productName(id) }))
    : [],
)
async function add(): Promise<void> {
  if (!addId.value || !isCount(addG.value)) return
  await putOn(addId.value, addG.value)
  addId.value = undefined
  addG.value = undefined
}

// A label.
const edited = shallowRef<{ id: string; product: FeedProduct | undefined; wasOwn: boolean }>()
function startEdit(product: FeedProduct): void {
  const { provenance: _generic, ...own } = product
  const wasOwn = garden.value?.products.some(({ id }) => id === product.id) ?? false
  edited.value = { id: product.id, product: { ...own, name: productName(product.id) }, wasOwn }
}
async function saveProduct(product: FeedProduct, stockG: number | undefined): Promise<void> {
  const { product: start, wasOwn } = edited.value!
  const atHand = stockG === undefined ? undefined : counted(stockG)
  await store.edit(edits.keepProduct(structuredClone(product), start, !wasOwn, atHand))
  edited.value = undefined
}
async function removeProduct(id: string): Promise<void> {
  await store.edit(edits.removeProduct(id, productName(id)))
  edited.value = undefined
}
</script>

<template>
  <div v-if="garden" class="feed-shelf">
    <section class="panel sheet feed-shelf-list">
      <h2>{{ t('feedView.shelfTitle') }}</h2>
      <p v-if="!stocks.length">{{ t('feedView.shelfEmpty') }}</p>
      <table v-else>
        <thead>
          <tr>
            <th>{{ t('feedView.shelfColumn.feed') }}</th>
            <th>{{ t('feedView.shelfColumn.elements') }}</th>
            <th class="number">{{ t('feedView.shelfColumn.spoon') }}</th>
            <th class="number">{{ t('feedView.shelfColumn.left') }}</th>
            <th class="number">{{ t('feedView.shelfColumn.price') }}</th>
            <th>{{ t('feedView.shelfColumn.acts') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in stocks" :key="one.product.id" :data-product="one.product.id">
            <th scope="row">
              {{ productName(one.product.id) }}
              <div class="soft shelf-counted">
                {{ t(`productForm.${one.product.form}`) }} · {{ labelWords(one.product) }}
              </div>
            </th>
            <td>
              <WhyNumber
                :value="elementWords(one.product)"
                :reasons="[
                  reason('feed.analysis', {}, productProvenance(one.product)),
                  ...releaseReasons(one.product),
                ]"
                :about="productName(one.product.id)"
              />
            </td>
            <td class="number">
              {{ spoon(one.product) === undefined ? '?' : mass(spoon(one.product)!) }}
            </td>
            <td class="number" :class="{ strong: one.isLow }">
              {{ mass(one.leftG) }}
              <div class="soft shelf-counted" :class="{ strong: one.isOverdrawn }">
                {{
                  one.isOverdrawn
                    ? t('feedView.overdrawn')
                    : t('feedView.counted', {
                        date: day(one.countedAt, { day: 'numeric', month: 'short' }),
                      })
                }}
              </div>
            </td>
            <td class="number">{{ kiloPrice(one.product) }}</td>
            <td class="shelf-acts">
              <PushButton size="small" @click="startCount(one)">{{
                t('feedView.count')
              }}</PushButton>
              <PushButton size="small" @click="startEdit(one.product)">
                {{ t('feedView.edit') }}
              </PushButton>
              <PushButton
                size="small"
                text
                :icon="Close"
                :aria-label="`${t('feedView.off')}: ${productName(one.product.id)}`"
                @click="takeOff(one.product.id)"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <aside class="panel feed-side">
      <form v-if="countedId" :key="countedId" v-opened class="sheet" @submit.prevent="keepCount">
        <h3>{{ t('feedView.countTitle', { product: productName(countedId) }) }}</h3>
        <QuantityField
          v-model="countedG"
          dimension="mass"
          :schema="countSchema"
          :label="t('feedView.countField')"
        />
        <PushButton
          type="primary"
          native-type="submit"
          :disabled="!isCount(countedG)"
          :loading="isSaving"
        >
          {{ t('feedView.countKeep') }}
        </PushButton>
      </form>
      <form class="sheet" @submit.prevent="add">
        <h3>{{ t('feedView.addTitle') }}</h3>
        <ChoiceField v-model="addId" :label="t('feedView.addProduct')" :options="addChoices" />
        <QuantityField
          v-model="addG"
          dimension="mass"
          optional
          :schema="countSchema"
          :label="t('feedView.countField')"
        />
        <div class="row">
          <PushButton native-type="submit" :disabled="!addId || !isCount(addG)">
            {{ t('feedView.addTitle') }}
          </PushButton>
          <PushButton @click="edited = { id: nanoid(), product: undefined, wasOwn: false }">
            {{ t('feedView.own') }}
          </PushButton>
        </div>
      </form>
      <p class="soft">{{ t('feedView.caution') }}</p>
    </aside>
    <ProductForm
      v-if="edited"
      :id="edited.id"
      :start="edited.product"
      :settings="garden.settings"
      :can-remove="edited.wasOwn && !edits.isProductNeeded(garden, edited.id)"
      @save="saveProduct"
      @remove="removeProduct"
      @close="edited = undefined"
    />
  </div>
</template>
