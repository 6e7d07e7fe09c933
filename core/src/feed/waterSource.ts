import type { WaterSource } from './waterSourceSchema'

/** Usual water of each kind (memory): the supplier's report says it for one's own. */
export const usualWater: Readonly<Record<WaterSource['kind'], WaterSource>> = {
  tap: { kind: 'tap', ecDsM: 0.5, caMgL: 60, mgMgL: 10 },
  rain: { kind: 'rain', ecDsM: 0.03, caMgL: 1, mgMgL: 0 },
  mixed: { kind: 'mixed', ecDsM: 0.25, caMgL: 30, mgMgL: 5 },
}
