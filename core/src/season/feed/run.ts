import type {
  BentStep,
  FeedDose,
  FeedPlan,
  FeedProduct,
  PlannedFeed,
  ProgrammePot,
} from '../../feed'
import type { Garden, ShelfStock } from '../../garden'
import type { PotFeeding } from './potFeeding'

/** The day for which a pot's feed is asked. */
export interface FeedDay {
  /** Of the course. */
  readonly day: number
  /** The pot is watered on this walk. */
  readonly isWatered: boolean
  /** A feed was recorded today already. */
  readonly isFed: boolean
  /** Last day on which it was fed. */
  readonly lastOn: number | undefined
}

/** A feed that is due, and the day from which it was. */
export interface DoseDue {
  readonly dose: FeedDose
  readonly dueOn: number
}

/** A feeding plan in one pot: every programme answers the same questions. */
export interface PlanRun {
  /** What it gives, as far as its products are chosen. */
  readonly steps: readonly BentStep[]
  /** What is due on a day, and when it is fed next. */
  readonly dueOn: (asked: FeedDay) => {
    readonly found: readonly DoseDue[]
    readonly nextOn: number | undefined
  }
  /** Every feed from a day on, as it would be given. */
  readonly feedsFrom: (pot: ProgrammePot) => readonly PlannedFeed[]
  /** Its feeds after today, once what is due today was given. */
  readonly feedsAfter: (
    today: number,
    due: readonly FeedDose[],
    nextOn: number,
  ) => readonly FeedAhead[]
}

/** A day of the course on which a plan feeds. */
export interface FeedAhead {
  readonly day: number
  /** What it gives; none where that is measured on the day. */
  readonly doses: readonly FeedDose[]
}

/** What a plan is worked out from. */
export interface RunContext {
  readonly garden: Garden
  readonly feeding: PotFeeding
  readonly plan: FeedPlan
  readonly productOf: (id: string) => FeedProduct | undefined
  /** What it may choose from. */
  readonly shelf: readonly ShelfStock[]
}
