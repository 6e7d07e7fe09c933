import { waterHoursWasm } from './wasm'

// What is used of the platform here, and nowhere else in core.
declare const WebAssembly: {
  readonly Memory: new (size: { initial: number }) => Memory
  readonly Module: new (bytes: Uint8Array) => object
  readonly Instance: new (module: object, imports: object) => { readonly exports: unknown }
}
declare const atob: (text: string) => string

interface Memory {
  readonly buffer: ArrayBuffer
  readonly grow: (pages: number) => number
}
/** What core/kernel/waterHours.ts exports. */
interface Kernel {
  readonly run: (pot: number, rows: number) => void
  readonly runsPastShare: (repellentShare: number, missingShare: number) => number
}

const PAGE_BYTES = 65_536
const ITEM_BYTES = 8
/** Rows that began a power of two apart would push each other out of the processor's cache. */
const PADDING = 9

const memory = new WebAssembly.Memory({ initial: 1 })
const wasm = Uint8Array.from(atob(waterHoursWasm), (letter) => letter.charCodeAt(0))
export const kernel = new WebAssembly.Instance(new WebAssembly.Module(wasm), { env: { memory } })
  .exports as Kernel

/** Numbers about the pot and the run, in the order of the kernel's class `Pot`. */
const potFields = [
  'hours',
  'firstH',
  'eveningFromH',
  'cells',
  'availableL',
  'aLitre',
  'thirst',
  'wallM2',
  'surfaceM2',
  'repellentShare',
  'reservoirMostL',
  'capillaryLH',
  'isFilledDaily',
  'splashL',
  'corrections',
  'reservoirL',
  'driedMm',
] as const
type PotField = (typeof potFields)[number]

/** Rows of numbers, in the order of the kernel's class `Rows`. */
const rowNames = [
  'referenceMm',
  'referenceSumMm',
  'givenL',
  'visitH',
  'fillH',
  'leafM2',
  'openM2',
  'rainL',
  'freeL',
  'correctedHour',
  'correctedShare',
  'correctedReservoirL',
  'missing',
  'missingL',
  'driestShare',
  'reservoirLeftL',
  'hadShare',
  'pouredL',
  'drainedL',
  'usedL',
] as const
type RowName = (typeof rowNames)[number]
type ByteRow = 'visitH' | 'fillH'
type Rows = Readonly<Record<Exclude<RowName, ByteRow>, Float64Array> & Record<ByteRow, Uint8Array>>

/** The kernel's memory as it is looked into from here. */
export interface KernelMemory {
  /** Items that each row has room for. */
  readonly room: number
  readonly rows: Rows
  readonly set: (field: PotField, value: number) => void
  readonly get: (field: PotField) => number
}

const POT_AT = 0
const ROWS_AT = POT_AT + potFields.length * ITEM_BYTES
const FIRST_ROW_AT = ROWS_AT + Math.ceil(rowNames.length / 2) * ITEM_BYTES

function laidOut(room: number): KernelMemory {
  const pitch = (room + PADDING) * ITEM_BYTES
  const bytes = FIRST_ROW_AT + rowNames.length * pitch
  const lacking = Math.ceil((bytes - memory.buffer.byteLength) / PAGE_BYTES)
  if (lacking > 0) memory.grow(lacking)
  const { buffer } = memory
  const begins = rowNames.map((_name, index) => FIRST_ROW_AT + index * pitch)
  new Uint32Array(buffer, ROWS_AT, begins.length).set(begins)
  const rows = rowNames.map((name, index) => [
    name,
    name === 'visitH' || name === 'fillH'
      ? new Uint8Array(buffer, begins[index], room)
      : new Float64Array(buffer, begins[index], room),
  ])
  const ofPot = new Float64Array(buffer, POT_AT, potFields.length)
  const place = Object.fromEntries(potFields.map((field, index) => [field, index]))
  return {
    room,
    rows: Object.fromEntries(rows) as Rows,
    set: (field, value) => (ofPot[place[field]!] = value),
    get: (field) => ofPot[place[field]!]!,
  }
}

const USUAL_ROOM = 1000
let current = laidOut(USUAL_ROOM)

/** The kernel's memory with room for so many items in each row. What an earlier call gave is no longer valid. */
export function memoryFor(items: number): KernelMemory {
  if (items > current.room) current = laidOut(Math.ceil(items * 1.5))
  return current
}

/** Goes through the hours that were written into the memory. */
export const runKernel = (): void => kernel.run(POT_AT, ROWS_AT)
