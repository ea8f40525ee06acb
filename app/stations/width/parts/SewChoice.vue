<script setup lang="ts">
import { type JobId, JOBS } from '#core/job'
import { findStitch } from '#core/stitch'
import type { NamedStitch } from '#shared/inputs'

/** What may be sewn first: a job, or just a stitch. */
const emit = defineEmits<{
  /** One was chosen, and is in hand. */
  sewn: []
}>()
const inHand = useInHandStore()
const setUp = useChooseJob()
const FIRST_JOBS = ['pintucks', 'topstitching', 'decorative-row', 'satin', 'blanket-edge', 'hem'] as const
const jobs = FIRST_JOBS.map(id => ({ id, name: JOBS[id].name }))
const stitches = (['straight', 'zigzag', 'serpentine'] as const).map(id => findStitch(id)!)
function sewJob(job: JobId): void {
  setUp(job)
  emit('sewn')
}
function sewStitch(stitch: NamedStitch): void {
  inHand.chooseStitch(stitch)
  emit('sewn')
}
</script>

<template>
  <div>
    <div
      class="jobs"
      role="group"
      aria-label="A job"
    >
      <UButton
        v-for="job in jobs"
        :key="job.id"
        variant="outline"
        class="job"
        @click="sewJob(job.id)"
      >
        <JobPicture :job="job.id" />
        {{ job.name }}
      </UButton>
    </div>
    <div
      class="jobs"
      role="group"
      aria-label="Or a stitch"
    >
      <UButton
        v-for="stitch in stitches"
        :key="stitch.id"
        variant="ghost"
        class="job"
        :label="stitch.name"
        @click="sewStitch(stitch)"
      />
    </div>
  </div>
</template>

<style scoped>
.jobs {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 6px;
}
.jobs + .jobs {
  margin-top: 6px;
}
.job {
  flex-direction: column;
  gap: 2px;
  justify-content: center;
  padding: 4px 6px;
  font-size: 15px;
  line-height: 1.15;
}
</style>
