import type { MeasureName } from '../../units'
import type { GardenRecord, RecordOf } from '../kinds'

/** What was done or seen: a kind of record, and what the word itself says of it. */
export interface Act {
  readonly kind: GardenRecord['kind']
  readonly says?: Readonly<Record<string, unknown>>
  /** It is one pot's alone, such as its weight; or of several only where each was named. */
  readonly isOf?: 'one' | 'named'
}

/** Words that tell a field and not what was done: `of` names the field. */
export interface Choice {
  readonly of: 'why' | 'reason' | 'material' | 'knuckle' | 'feel' | 'from' | 'where' | 'how'
  readonly value: string
}

const act = (kind: Act['kind'], says?: Act['says'], isOf?: Act['isOf']): Act => ({
  kind,
  ...(says && { says }),
  ...(isOf && { isOf }),
})
const ofOne = (kind: Act['kind']): Act => act(kind, undefined, 'one')
const ofNamed = (kind: Act['kind']): Act => act(kind, undefined, 'named')
const sign = (name: RecordOf<'sign'>['sign']): Act => act('sign', { sign: name })
const prune = (what: RecordOf<'prune'>['what']): Act => act('prune', { what })

/** Everything that can be said to have been done or seen, by every way of saying it, in small letters. */
export const actWords: readonly (readonly [Act, readonly string[]])[] = [
  [act('water'), ['water', 'watered', 'watering', 'gave water', 'poured']],
  [act('feed'), ['fed', 'feed', 'feeding', 'fertilised', 'fertilized']],
  [ofOne('pick'), ['pick', 'picked', 'harvest', 'harvested']],
  [ofNamed('move'), ['move', 'moved', 'carried']],
  [ofNamed('firstRipe'), ['first ripe', 'first ripe fruit']],
  [ofNamed('firstFlower'), ['first flower', 'first flowers', 'first bloom']],
  [ofOne('height'), ['tall', 'high', 'height', 'measured']],
  [ofOne('weigh'), ['weighed', 'weighs', 'weigh']],
  [ofOne('drained'), ['drained', 'drained off']],
  [ofNamed('flush'), ['flushed', 'flush', 'leached']],
  [ofNamed('remove'), ['removed', 'pulled', 'pulled up', 'took out', 'taken out', 'cleared']],
  [ofOne('measurePh'), ['ph', 'ec']],
  [act('topUp'), ['topped up', 'top up', 'topped']],
  [act('mulch'), ['mulched', 'mulch']],
  [act('recharge'), ['recharged', 'recharge']],
  [act('lime'), ['limed', 'lime']],
  [act('shade'), ['shaded', 'shade cloth on', 'shade on']],
  [act('shade', { share: 0 }), ['unshaded', 'shade off', 'shade cloth off']],
  [act('cover', { cover: 'fleece' }), ['fleece', 'fleeced', 'fleece on', 'covered']],
  [act('cover', { cover: 'tunnel' }), ['tunnel', 'tunnel on']],
  [act('cover', { cover: 'none' }), ['uncovered', 'fleece off', 'tunnel off', 'cover off']],
  [act('support', { support: 'stake' }), ['staked', 'stake']],
  [act('support', { support: 'cage' }), ['caged', 'cage']],
  [act('support', { support: 'string' }), ['string', 'strung']],
  [act('support', { support: 'net' }), ['net', 'netted']],
  [act('spray'), ['sprayed', 'spray']],
  [act('sow'), ['sowed', 'sown', 'sow']],
  [act('potOn'), ['potted on', 'potted up']],
  [act('finger'), ['finger', 'finger test']],
  [act('skipWater'), ['skipped', 'skip', 'not watered', 'skipped water']],
  [act('tie'), ['tied', 'tied up', 'tied in', 'tie']],
  [act('shake'), ['shook', 'shaken', 'tapped', 'tapped flowers', 'shook flowers']],
  [act('weed'), ['weeded', 'weed', 'weeds']],
  [act('wash'), ['washed', 'scrubbed']],
  [act('secure'), ['secured', 'tied down']],
  [act('label'), ['labelled', 'labeled']],
  [act('look'), ['looked over', 'looked at']],
  [
    prune('sideShoots'),
    ['pruned', 'side shoots', 'sideshoots', 'pinched', 'pinched out', 'suckers'],
  ],
  [prune('lowerLeaves'), ['lower leaves', 'bottom leaves', 'deleafed']],
  [prune('tip'), ['tipped', 'pinched tip', 'pinched the tip']],
  [prune('stopTop'), ['stopped', 'stopped the top', 'topped off']],
  [prune('cutBack'), ['cut back']],
  [sign('blossomEndRot'), ['blossom end rot', 'blossom-end rot', 'end rot', 'black bottoms']],
  [sign('wilting'), ['wilting', 'wilted', 'drooping', 'droopy', 'limp']],
  [sign('leafSpots'), ['leaf spots', 'leaf spot', 'spots', 'spotted leaves']],
  [
    sign('pests'),
    [
      ...['pests', 'aphids', 'aphid', 'greenfly', 'blackfly', 'whitefly', 'whiteflies', 'thrips'],
      ...['spider mites', 'spider mite', 'mites', 'caterpillar', 'caterpillars', 'hornworm'],
      ...['slugs', 'slug', 'snails', 'snail', 'scale', 'leaf miner', 'leaf miners', 'ants'],
    ],
  ],
]

/** Words that tell one field of what was done. */
export const choiceWords: readonly (readonly [Choice, readonly string[]])[] = [
  [{ of: 'why', value: 'cropOver' }, ['finished', 'over', 'crop over', 'done for']],
  [{ of: 'why', value: 'frost' }, ['frost', 'frosted', 'frozen']],
  [{ of: 'why', value: 'disease' }, ['disease', 'diseased', 'blight', 'sick', 'wilt']],
  [{ of: 'why', value: 'failed' }, ['failed', 'dead', 'died']],
  [{ of: 'reason', value: 'rain' }, ['rain', 'rained']],
  [{ of: 'reason', value: 'stillWet' }, ['still wet']],
  [{ of: 'reason', value: 'noTime' }, ['no time']],
  [{ of: 'material', value: 'chips' }, ['chips', 'wood chips', 'bark']],
  [{ of: 'material', value: 'straw' }, ['straw']],
  [{ of: 'material', value: 'grass' }, ['grass', 'clippings', 'grass clippings']],
  [{ of: 'material', value: 'leaves' }, ['leaves', 'leaf litter']],
  [{ of: 'material', value: 'compost' }, ['compost']],
  [{ of: 'knuckle', value: 'first' }, ['first knuckle']],
  [{ of: 'knuckle', value: 'second' }, ['second knuckle']],
  [{ of: 'feel', value: 'dry' }, ['dry']],
  [{ of: 'feel', value: 'moist' }, ['moist', 'damp']],
  [{ of: 'feel', value: 'wet' }, ['wet', 'soggy']],
  [{ of: 'from', value: 'rain' }, ['rainwater', 'rain water']],
  [{ of: 'from', value: 'stood' }, ['stood water']],
  [{ of: 'from', value: 'tap' }, ['tap water']],
  [{ of: 'where', value: 'ring' }, ['ring']],
  [{ of: 'where', value: 'reservoir' }, ['reservoir']],
  [{ of: 'how', value: 'untilDrip' }, ['until it drips', 'until drip', 'till it drips']],
]

export const cropWords = [
  ['tomato', ['tomato', 'tomatoes', 'toms']],
  ['pepper', ['pepper', 'peppers', 'chilli', 'chillies', 'chili', 'chilies', 'chilis', 'chillis']],
] as const

/** Measures that are the gardener's own, and spoons. */
export const measureWords: readonly (readonly [MeasureName | 'can', readonly string[]])[] = [
  ['can', ['can', 'cans', 'watering can', 'watering cans']],
  ['handful', ['handful', 'handfuls']],
  ['tablespoon', ['tbsp', 'tbs', 'tablespoon', 'tablespoons']],
  ['teaspoon', ['tsp', 'teaspoon', 'teaspoons']],
  ['cup', ['cup', 'cups']],
]

export const allWords = ['all', 'everything', 'every pot', 'each pot', 'all pots', 'all of them']
export const exceptWords = ['except', 'but', 'but not', 'without']
export const yesterdayWords = ['yesterday']

/** Numbers that are written out. */
export const numberWords: Readonly<Record<string, number>> = {
  half: 0.5,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
}

/** Words that say nothing by themselves. */
export const fillers: ReadonlySet<string> = new Set([
  ...['a', 'an', 'at', 'each', 'for', 'from', 'fruit', 'fruits', 'had', 'has', 'have', 'i'],
  ...['in', 'into', 'is', 'it', 'its', 'my', 'of', 'on', 'onto', 'per', 'plant', 'plants', 'pot'],
  ...['pots', 'put', 'some', 'the', 'them', 'this', 'to', 'today', 'was', 'were', 'with'],
])
