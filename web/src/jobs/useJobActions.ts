import { storeToRefs } from 'pinia'
import { nanoid } from 'nanoid'
import { edits, recordsOfJob, type Job } from '@rimbo/core'
import { useGardenStore } from '../stores/garden'
import { useTodayStore } from '../stores/today'
import { useJobWords } from './useJobWords'

/** What can be done with a job; each is one change that can be undone. */
export function useJobActions() {
  const store = useGardenStore()
  const { garden, isSaving } = storeToRefs(store)
  const { now, date } = storeToRefs(useTodayStore())
  const { codeOf, jobName } = useJobWords()

  async function done(jobs: readonly Job[]): Promise<void> {
    const { value: here } = garden
    if (!here || isSaving.value || !jobs.length) return
    const records = jobs.flatMap((job) => recordsOfJob(here, job, now.value, nanoid))
    await store.edit(edits.doJobs(records, codeOf(jobs[0]!) || jobName(jobs[0]!)))
  }
  return {
    isSaving,
    done,
    snooze: (job: Job, until: string) => store.edit(edits.snoozeJob(job.id, until, date.value)),
    skip: (job: Job, why: string) => store.edit(edits.skipJob(job.id, date.value, why)),
    off: (rule: string, why: string) => store.edit(edits.switchOffJobs(rule, why)),
  }
}
