import { memory, type Provenance } from '../units'
import type { Crop, FruitClass, Habit, Variety } from './varietySchema'

/** Every figure of the catalogue is a typical value from memory. */
export const catalogueProvenance: Provenance = memory

type Row = readonly [
  id: string,
  name: string | undefined,
  fruitClass: FruitClass,
  daysToMaturity: number,
  matureHeightMm: number,
  matureCanopyM2: number,
  fullVolumeL: number,
  species?: string,
]

const rows = (crop: Crop, habit: Habit, list: readonly Row[]): Variety[] =>
  list.map(
    ([
      id,
      name,
      fruitClass,
      daysToMaturity,
      matureHeightMm,
      matureCanopyM2,
      fullVolumeL,
      species,
    ]) => ({
      id,
      ...(name ? { name } : {}),
      crop,
      ...(species ? { species } : {}),
      habit,
      fruitClass,
      daysToMaturity,
      matureHeightMm,
      matureCanopyM2,
      fullVolumeL,
    }),
  )

/** Habit classes: what to choose when the cultivar is not known. */
export const habitClasses: readonly Variety[] = [
  ...rows('tomato', 'indeterminate', [
    ['vineCherry', undefined, 'cherry', 65, 2100, 0.36, 55],
    ['vinePlum', undefined, 'plum', 78, 2000, 0.36, 60],
    ['vineSalad', undefined, 'salad', 72, 2000, 0.36, 60],
    ['vineBeefsteak', undefined, 'beefsteak', 82, 2000, 0.38, 75],
  ]),
  ...rows('tomato', 'semiDeterminate', [['semiBush', undefined, 'salad', 68, 1400, 0.32, 45]]),
  ...rows('tomato', 'determinate', [
    ['bushCherry', undefined, 'cherry', 60, 850, 0.24, 25],
    ['bushPlum', undefined, 'plum', 75, 1000, 0.3, 35],
    ['bushSalad', undefined, 'salad', 68, 1000, 0.3, 35],
  ]),
  ...rows('tomato', 'dwarf', [['dwarfCherry', undefined, 'cherry', 56, 350, 0.06, 7]]),
  ...rows('tomato', 'trailing', [['trailingCherry', undefined, 'cherry', 62, 450, 0.2, 14]]),
  ...rows('pepper', 'bushy', [
    ['sweetBlock', undefined, 'block', 75, 750, 0.2, 30],
    ['sweetHorn', undefined, 'horn', 75, 850, 0.22, 30],
    ['mildHotPepper', undefined, 'mildHot', 65, 700, 0.18, 25],
    ['hotPepper', undefined, 'hot', 72, 700, 0.18, 25],
    ['veryHotPepper', undefined, 'veryHot', 105, 850, 0.24, 30],
    ['smallChilli', undefined, 'smallChilli', 78, 450, 0.12, 15],
  ]),
]

/** Old, open cultivars. */
export const cultivars: readonly Variety[] = [
  ...rows('tomato', 'indeterminate', [
    ['moneymaker', 'Moneymaker', 'salad', 75, 2000, 0.36, 60],
    ['ailsaCraig', 'Ailsa Craig', 'salad', 75, 2000, 0.36, 60],
    ['stupice', 'Stupice', 'salad', 58, 1800, 0.32, 50],
    ['blackCherry', 'Black Cherry', 'cherry', 68, 2200, 0.38, 55],
    ['yellowPear', 'Yellow Pear', 'cherry', 75, 2300, 0.38, 60],
    ['broadRippleYellowCurrant', 'Broad Ripple Yellow Currant', 'currant', 75, 2300, 0.4, 60],
    ['brandywine', 'Brandywine', 'beefsteak', 85, 2100, 0.38, 80],
    ['costolutoFiorentino', 'Costoluto Fiorentino', 'beefsteak', 80, 1900, 0.36, 70],
  ]),
  ...rows('tomato', 'semiDeterminate', [['marmande', 'Marmande', 'beefsteak', 67, 1400, 0.32, 45]]),
  ...rows('tomato', 'determinate', [
    ['rioGrande', 'Rio Grande', 'plum', 78, 1050, 0.3, 38],
    ['legend', 'Legend', 'beefsteak', 68, 1000, 0.28, 35],
    ['siletz', 'Siletz', 'salad', 60, 950, 0.27, 32],
    ['principeBorghese', 'Principe Borghese', 'plum', 72, 1200, 0.3, 38],
    ['redAlert', 'Red Alert', 'cherry', 56, 700, 0.2, 22],
  ]),
  ...rows('tomato', 'dwarf', [
    ['tinyTim', 'Tiny Tim', 'cherry', 55, 380, 0.06, 8],
    ['microTom', 'Micro-Tom', 'cherry', 52, 200, 0.025, 3],
    ['redRobin', 'Red Robin', 'cherry', 58, 300, 0.045, 6],
    ['dwarfStone', 'Dwarf Stone', 'salad', 75, 800, 0.18, 25],
  ]),
  ...rows('pepper', 'bushy', [
    ['californiaWonder', 'California Wonder', 'block', 75, 750, 0.2, 30],
    ['cornoDiToroRosso', 'Corno di Toro Rosso', 'horn', 78, 900, 0.23, 32],
    ['jimmyNardello', 'Jimmy Nardello', 'horn', 76, 850, 0.22, 28],
    ['padron', 'Padrón', 'mildHot', 60, 750, 0.19, 26],
    ['hungarianHotWax', 'Hungarian Hot Wax', 'mildHot', 67, 650, 0.17, 24],
    ['bulgarianCarrot', 'Bulgarian Carrot', 'hot', 72, 550, 0.15, 20],
    ['numexTwilight', 'NuMex Twilight', 'smallChilli', 80, 450, 0.11, 14],
    ['lemonDrop', 'Lemon Drop', 'hot', 100, 1000, 0.28, 40, 'Capsicum baccatum'],
    ['ajiAmarillo', 'Aji Amarillo', 'hot', 110, 1200, 0.32, 45, 'Capsicum baccatum'],
    ['scotchBonnet', 'Scotch Bonnet', 'veryHot', 105, 850, 0.24, 32, 'Capsicum chinense'],
    ['rocoto', 'Rocoto', 'hot', 120, 1300, 0.34, 50, 'Capsicum pubescens'],
  ]),
]

/** Habit classes first, then cultivars. */
export const catalogue: readonly Variety[] = [...habitClasses, ...cultivars]
