/** What a quantity measures. Each has one unit inside the core, named beside it. */
export type Dimension =
  | 'volume' // L
  | 'length' // mm
  | 'mass' // g
  | 'temperature' // °C
  | 'area' // m²
  | 'speed' // m/s
  | 'duration' // h
  | 'share' // 0–1
