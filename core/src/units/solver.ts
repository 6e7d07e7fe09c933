/** What a solver found. */
export interface Solution {
  readonly status: 'optimal' | 'infeasible' | 'timeLimit'
  readonly objective: number
  readonly values: Readonly<Record<string, number>>
}

/** A solver of linear programmes with whole numbers, in the CPLEX LP text format. */
export type Solve = (lp: string, timeLimitS: number) => Solution

/** What is used of the HiGHS solver, so that the core need not know where it comes from. */
export interface HighsLike {
  solve(
    lp: string,
    options: {
      time_limit: number
      mip_rel_gap: number
      mip_abs_gap: number
      presolve: 'off'
      output_flag: boolean
    },
  ): {
    readonly Status: string
    readonly ObjectiveValue: number
    readonly Columns: Readonly<Record<string, object>>
  }
}

/** HiGHS as a solver: exact, no gap allowed. */
export const solveWithHighs =
  (highs: HighsLike): Solve =>
  (lp, timeLimitS) => {
    const { Status, ObjectiveValue, Columns } = highs.solve(lp, {
      time_limit: timeLimitS,
      mip_rel_gap: 0,
      mip_abs_gap: 1e-7,
      // These programmes are small and dense; looking for simplifications takes longer than solving.
      presolve: 'off',
      output_flag: false,
    })
    const values = Object.fromEntries(
      Object.entries(Columns).map(([name, column]) => [
        name,
        'Primal' in column ? Number(column.Primal) : 0,
      ]),
    )
    const status =
      Status === 'Optimal' ? 'optimal' : Status === 'Infeasible' ? 'infeasible' : 'timeLimit'
    return { status, objective: ObjectiveValue, values }
  }
