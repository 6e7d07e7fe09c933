import type { CauseId } from './causes'

/** What a pot's own record can tell, by fixed names. */
export const factIds = [
  'daysSincePlanting',
  'daysSinceFeed',
  'feedTimesLabel',
  'daysSinceSpray',
  'ph',
  'ecDsM',
  'shortHours14d',
  'wiltHours14d',
  'swings14d',
  'wetDays',
  'airShare',
  'nShare',
  'kShare',
  'caShare',
  'mgShare',
  'hottestRootC',
  'hotDays7d',
  'coldNights7d',
  'warmNights7d',
  'frostNights7d',
  'leafWetHours7d',
  'dliMol',
  'windy',
  'rootRoomShare',
  'mixSeasons',
  'neighboursSame',
] as const
export type FactId = (typeof factIds)[number]

/** A fact as it was measured; one that is only modelled says so. */
export type FactValue<T> = T | { readonly value: T; readonly isMeasured: boolean }
type FlagId = 'windy' | 'neighboursSame'
/** Shares are of what is needed: 1 is enough. */
export type Facts = {
  readonly [F in FactId]?: FactValue<F extends FlagId ? boolean : number>
}

/** Odds of causes while a fact is at or above `from`; the next row takes over at its own. */
interface Band {
  readonly from: number
  readonly odds: Readonly<Partial<Record<CauseId, number>>>
}
const WET_LEAF_CAUSES: readonly CauseId[] = [
  'lateBlight',
  'earlyBlight',
  'septoria',
  'leafMould',
  'greyMould',
  'bacterialSpot',
  'bacterialSpeck',
  'bacterialCanker',
  'anthracnose',
  'cercospora',
  'rustFungus',
  'whiteMould',
]
const all = (
  causes: readonly CauseId[],
  odds: number,
): Readonly<Partial<Record<CauseId, number>>> =>
  Object.fromEntries(causes.map((cause) => [cause, odds]))

/**
 * By how much each fact moves the odds of each cause (memory: rough, and rounded
 * to what a grower would stake on it). Lowest band first; nothing is said below it.
 */
export const factBands: Readonly<Record<FactId, readonly Band[]>> = {
  daysSincePlanting: [
    { from: 0, odds: { transplantShock: 6, rootBound: 0.2, nitrogenShort: 0.5, sunscald: 1.5 } },
    { from: 15, odds: { transplantShock: 0.8, rootBound: 0.4, nitrogenShort: 0.8 } },
    { from: 29, odds: { transplantShock: 0.05 } },
    { from: 60, odds: { transplantShock: 0.02, rootBound: 1.5, nitrogenShort: 1.2 } },
  ],
  daysSinceFeed: [
    { from: 0, odds: { nitrogenShort: 0.5, potassiumShort: 0.7, saltBurn: 1.3 } },
    { from: 8, odds: {} },
    {
      from: 21,
      odds: { nitrogenShort: 2.5, potassiumShort: 1.8, magnesiumShort: 1.3, saltBurn: 0.5 },
    },
  ],
  feedTimesLabel: [
    { from: 0, odds: { nitrogenShort: 1.5, saltBurn: 0.4, nitrogenExcess: 0.4 } },
    { from: 0.5, odds: {} },
    {
      from: 1.3,
      odds: { saltBurn: 3, nitrogenExcess: 2, nitrogenShort: 0.4, potassiumShort: 0.4 },
    },
    { from: 2, odds: { saltBurn: 6, nitrogenExcess: 3, nitrogenShort: 0.2, potassiumShort: 0.3 } },
  ],
  daysSinceSpray: [
    { from: 0, odds: { sprayBurn: 12 } },
    { from: 6, odds: { sprayBurn: 3 } },
    { from: 15, odds: { sprayBurn: 0.2 } },
  ],
  ph: [
    {
      from: 0,
      odds: { phTooLow: 20, phTooHigh: 0.03, ironShort: 0.2, calciumShort: 2.5, magnesiumShort: 2 },
    },
    { from: 5, odds: { phTooLow: 6, phTooHigh: 0.05, ironShort: 0.4, calciumShort: 1.5 } },
    { from: 5.5, odds: { phTooLow: 0.3, phTooHigh: 0.1, manganeseShort: 0.5 } },
    { from: 6.9, odds: { phTooLow: 0.05, phTooHigh: 2, ironShort: 1.5, manganeseShort: 1.5 } },
    {
      from: 7.2,
      odds: { phTooLow: 0.03, phTooHigh: 12, ironShort: 3, manganeseShort: 2.5, boronShort: 1.5 },
    },
    {
      from: 7.6,
      odds: {
        phTooLow: 0.02,
        phTooHigh: 25,
        ironShort: 4,
        manganeseShort: 3,
        phosphorusShort: 1.5,
      },
    },
  ],
  ecDsM: [
    {
      from: 0,
      odds: { saltBurn: 0.1, nitrogenShort: 1.5, potassiumShort: 1.3, nitrogenExcess: 0.4 },
    },
    { from: 1, odds: { saltBurn: 0.3 } },
    { from: 2.5, odds: { saltBurn: 2, nitrogenShort: 0.7 } },
    { from: 3.5, odds: { saltBurn: 6, nitrogenShort: 0.4, potassiumShort: 0.6 } },
    { from: 5, odds: { saltBurn: 15, nitrogenShort: 0.3, potassiumShort: 0.5 } },
  ],
  shortHours14d: [
    { from: 0, odds: { drought: 0.2, unevenWater: 0.6 } },
    { from: 2, odds: { drought: 0.8 } },
    { from: 8, odds: { drought: 2, unevenWater: 2, tooWet: 0.6 } },
    { from: 30, odds: { drought: 4, unevenWater: 4, tooWet: 0.3 } },
  ],
  wiltHours14d: [
    { from: 0, odds: { drought: 0.7 } },
    { from: 1, odds: { drought: 1.5, unevenWater: 1.5 } },
    { from: 8, odds: { drought: 2.5, unevenWater: 2.5 } },
    { from: 24, odds: { drought: 5, unevenWater: 3 } },
  ],
  swings14d: [
    { from: 0, odds: { unevenWater: 0.3 } },
    { from: 1, odds: { unevenWater: 1.5 } },
    { from: 2, odds: { unevenWater: 2 } },
    { from: 4, odds: { unevenWater: 4 } },
    { from: 7, odds: { unevenWater: 6 } },
  ],
  wetDays: [
    { from: 0, odds: { tooWet: 0.3, pythium: 0.5, oedema: 0.6 } },
    { from: 1, odds: { tooWet: 1 } },
    { from: 2, odds: { tooWet: 2.5, pythium: 1.5, oedema: 1.5, drought: 0.5 } },
    {
      from: 5,
      odds: { tooWet: 8, pythium: 3, phytophthora: 2, oedema: 2, fungusGnats: 2, drought: 0.1 },
    },
  ],
  airShare: [
    { from: 0, odds: { tooWet: 4, mixCollapsed: 3, pythium: 2, drainBlocked: 1.5 } },
    { from: 0.06, odds: { tooWet: 2, mixCollapsed: 1.5, pythium: 1.3 } },
    { from: 0.1, odds: {} },
    { from: 0.16, odds: { tooWet: 0.5, mixCollapsed: 0.4, pythium: 0.6 } },
  ],
  nShare: [
    { from: 0, odds: { nitrogenShort: 8, nitrogenExcess: 0.1, saltBurn: 0.6 } },
    { from: 0.5, odds: { nitrogenShort: 3, nitrogenExcess: 0.3 } },
    { from: 0.8, odds: { nitrogenShort: 0.6, nitrogenExcess: 0.6 } },
    { from: 1.2, odds: { nitrogenShort: 0.3, nitrogenExcess: 2 } },
    { from: 1.6, odds: { nitrogenShort: 0.1, nitrogenExcess: 6, saltBurn: 1.5 } },
  ],
  kShare: [
    { from: 0, odds: { potassiumShort: 8 } },
    { from: 0.5, odds: { potassiumShort: 3 } },
    { from: 0.8, odds: { potassiumShort: 0.5 } },
    { from: 1.2, odds: { potassiumShort: 0.2 } },
    { from: 1.8, odds: { potassiumShort: 0.1, magnesiumShort: 2, calciumShort: 1.5 } },
  ],
  caShare: [
    { from: 0, odds: { calciumShort: 8 } },
    { from: 0.5, odds: { calciumShort: 3 } },
    { from: 0.8, odds: { calciumShort: 0.5 } },
    { from: 1.2, odds: { calciumShort: 0.2 } },
  ],
  mgShare: [
    { from: 0, odds: { magnesiumShort: 8 } },
    { from: 0.5, odds: { magnesiumShort: 3 } },
    { from: 0.8, odds: { magnesiumShort: 0.5 } },
    { from: 1.2, odds: { magnesiumShort: 0.2 } },
  ],
  hottestRootC: [
    { from: -40, odds: { rootsCooked: 0.05 } },
    { from: 33, odds: { rootsCooked: 0.6 } },
    { from: 37, odds: { rootsCooked: 3 } },
    { from: 41, odds: { rootsCooked: 8 } },
    { from: 45, odds: { rootsCooked: 16 } },
  ],
  hotDays7d: [
    { from: 0, odds: { heat: 0.2, sunscald: 0.7, rootsCooked: 0.5 } },
    { from: 1, odds: { heat: 2, sunscald: 1.5 } },
    { from: 3, odds: { heat: 5, sunscald: 2, spiderMites: 1.5, coldNights: 0.4 } },
  ],
  coldNights7d: [
    { from: 0, odds: { coldNights: 0.2 } },
    { from: 1, odds: { coldNights: 2 } },
    { from: 3, odds: { coldNights: 6, heat: 0.5 } },
  ],
  warmNights7d: [
    { from: 0, odds: {} },
    { from: 2, odds: { heat: 1.5 } },
    { from: 5, odds: { heat: 2.5, coldNights: 0.3 } },
  ],
  frostNights7d: [
    { from: 0, odds: { frost: 0.03 } },
    { from: 1, odds: { frost: 40, coldNights: 2 } },
  ],
  leafWetHours7d: [
    { from: 0, odds: { ...all(WET_LEAF_CAUSES, 0.5), spiderMites: 1.4 } },
    { from: 10, odds: {} },
    { from: 35, odds: all(WET_LEAF_CAUSES, 1.8) },
    { from: 60, odds: { ...all(WET_LEAF_CAUSES, 2.5), lateBlight: 4, spiderMites: 0.6 } },
  ],
  dliMol: [
    { from: 0, odds: { tooLittleLight: 8, sunscald: 0.3 } },
    { from: 10, odds: { tooLittleLight: 3, sunscald: 0.6 } },
    { from: 16, odds: { tooLittleLight: 0.8 } },
    { from: 22, odds: { tooLittleLight: 0.2 } },
  ],
  windy: [
    { from: 0, odds: { windBurn: 0.4, broken: 0.7 } },
    { from: 1, odds: { windBurn: 4, broken: 2 } },
  ],
  rootRoomShare: [
    { from: 0, odds: { rootBound: 4, unevenWater: 1.5 } },
    { from: 0.4, odds: { rootBound: 1.6 } },
    { from: 0.8, odds: { rootBound: 0.4 } },
  ],
  mixSeasons: [
    { from: 0, odds: { mixCollapsed: 0.4, nematodes: 0.6 } },
    { from: 2, odds: { mixCollapsed: 2, nematodes: 1.3, fusariumWilt: 1.3 } },
    {
      from: 3,
      odds: { mixCollapsed: 4, nematodes: 1.5, fusariumWilt: 1.5, verticilliumWilt: 1.5 },
    },
  ],
  neighboursSame: [
    { from: 0, odds: { frost: 0.3, hail: 0.1, herbicide: 0.5, heat: 0.6, coldNights: 0.6 } },
    {
      from: 1,
      odds: {
        frost: 2,
        hail: 2,
        herbicide: 2,
        sprayBurn: 1.5,
        heat: 1.8,
        coldNights: 1.8,
        windBurn: 1.5,
        rootBound: 0.6,
        drainBlocked: 0.4,
        broken: 0.3,
      },
    },
  ],
}

/** A fact that is only modelled moves the odds by this power of what a measured one does. */
const MODELLED_POWER = 0.6

/** The number and the weight of a fact, however it was given. */
export function readFact(given: FactValue<number | boolean>): {
  readonly value: number
  readonly isMeasured: boolean
} {
  const { value, isMeasured } =
    typeof given === 'object' ? given : { value: given, isMeasured: true }
  return { value: Number(value), isMeasured }
}

/** By what each cause's odds are multiplied for a fact; nothing where it moves none. */
export function oddsOfFact(
  fact: FactId,
  given: FactValue<number | boolean>,
): Readonly<Partial<Record<CauseId, number>>> {
  const { value, isMeasured } = readFact(given)
  const band = factBands[fact].findLast(({ from }) => value >= from)
  if (!band) return {}
  return isMeasured
    ? band.odds
    : Object.fromEntries(
        Object.entries(band.odds).map(([cause, odds]) => [cause, odds ** MODELLED_POWER]),
      )
}
