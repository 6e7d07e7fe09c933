type Document = Record<string, unknown>

const isDocument = (value: unknown): value is Document =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Until version 1 a flat bag was a box that lies: much longer than it is deep. */
const LYING = { mostHeightMm: 220, leastLengthMm: 800 } as const

function flatBagsNamed(container: unknown): unknown {
  if (!isDocument(container) || container['type'] !== 'box') return container
  const { shape } = container
  if (!isDocument(shape) || shape['kind'] !== 'rectangular') return container
  const isLying =
    Number(shape['heightMm']) <= LYING.mostHeightMm &&
    Number(shape['topLengthMm']) >= LYING.leastLengthMm
  return isLying ? { ...container, type: 'flatBag' } : container
}

/** Each step brings a garden document from one version to the next. */
const STEPS: Readonly<Record<number, (document: Document) => Document>> = {
  1: ({ containers, ...rest }) => ({
    ...rest,
    containers: Array.isArray(containers) ? containers.map(flatBagsNamed) : containers,
  }),
}

/**
 * A garden document brought to the present version, step by step. What it holds
 * is not checked here; a version of which nothing is known is left as it is.
 */
export function migrated(document: Document): Document {
  const version = document['version']
  const step = typeof version === 'number' ? STEPS[version] : undefined
  return step ? migrated({ ...step(document), version: Number(version) + 1 }) : document
}
