/** Standard atomic weights, abridged (IUPAC 2021). */
export const ATOMIC = {
  h: 1.008,
  c: 12.011,
  n: 14.007,
  o: 15.999,
  mg: 24.305,
  p: 30.974,
  s: 32.06,
  k: 39.098,
  ca: 40.078,
} as const

/** Element in its oxide, by formula mass. */
export const IN_OXIDE = {
  p: (2 * ATOMIC.p) / (2 * ATOMIC.p + 5 * ATOMIC.o),
  k: (2 * ATOMIC.k) / (2 * ATOMIC.k + ATOMIC.o),
  ca: ATOMIC.ca / (ATOMIC.ca + ATOMIC.o),
  mg: ATOMIC.mg / (ATOMIC.mg + ATOMIC.o),
  s: ATOMIC.s / (ATOMIC.s + 3 * ATOMIC.o),
} as const
