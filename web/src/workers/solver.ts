import highsLoader from 'highs'
import wasmUrl from 'highs/runtime?url'
import { solveWithHighs } from '@rimbo/core'

/** The solver with its WebAssembly, as core takes it: loaded by the workers that solve. */
export const loadSolver = async () =>
  solveWithHighs(await highsLoader({ locateFile: () => wasmUrl }))
