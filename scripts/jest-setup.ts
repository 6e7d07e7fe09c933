import fc from 'fast-check'

// The same cases each time, so that a run can be repeated; FC_SEED explores others.
fc.configureGlobal({
  seed: Number(process.env['FC_SEED'] ?? 20_260_618),
  numRuns: Number(process.env['FC_RUNS'] ?? 100),
})
