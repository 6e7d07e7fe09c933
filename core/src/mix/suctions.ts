/** Suctions at which water held is tabled, cm; the last is where leaves wilt for good. */
export const TABLED_SUCTIONS_CM = [0, 10, 50, 100, 15_000] as const
