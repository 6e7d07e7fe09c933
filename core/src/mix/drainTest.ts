/** What a pour-and-drain test measured. */
export interface DrainTest {
  readonly potL: number
  readonly waterInL: number
  readonly waterOutL: number
  readonly startWaterL?: number
}

/** What cannot be so: more water out than in, or more in than there is room. */
export function drainFaults({ potL, waterInL, waterOutL, startWaterL = 0 }: DrainTest) {
  const poresL = waterInL + startWaterL
  return [
    ...(waterOutL > poresL
      ? [{ path: 'waterOutL', code: 'moreOutThanIn', params: { inL: poresL, outL: waterOutL } }]
      : []),
    ...(poresL >= potL
      ? [{ path: 'waterInL', code: 'moreInThanPot', params: { inL: poresL, potL } }]
      : []),
  ]
}
