// What a record may choose from, and what is usual: beside the schemas, so that a view can show it without them.

/** How deep a finger goes. */
export const knuckles = ['first', 'second'] as const

export const feels = ['dry', 'moist', 'wet'] as const

/** Where water came from, and what it was poured into. */
export const waterOrigins = ['tap', 'stood', 'rain'] as const
export type WaterOrigin = (typeof waterOrigins)[number]
export const pouredInto = ['ring', 'centre', 'top', 'reservoir', 'tier'] as const

export const mulchMaterials = ['chips', 'straw', 'grass', 'leaves', 'compost'] as const

/** A usual layer, mm (practice: 2.5–5 cm). */
export const USUAL_MULCH_MM = 40

/** Of the light, what a usual cloth keeps off, 0–1 (practice: cloth of 30–50 %). */
export const USUAL_CLOTH_SHARE = 0.4

/** Why no water was given. */
export const skipReasons = ['rain', 'stillWet', 'noTime'] as const

export const supports = ['stake', 'cage', 'twoCages', 'string', 'net'] as const

/** So many earlier forms of one record are kept. */
export const MOST_EARLIER = 20

/** As much as one record holds, L. */
export const MOST_L = 200

/** Of what Rimbo proposes for a very large pot, as much as one record holds, L. */
export const recordableL = (litres: number): number => Math.min(MOST_L, litres)
