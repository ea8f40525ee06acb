<script setup lang="ts">
import { JOB_IDS, type JobId, JOBS } from '#core/job'
import { GOALS, type Goal } from '#core/terms'
import { isChange, type Setting } from '#shared/job'

/** What is being sewn: one press sets all that follows, says what it changed, and can be taken back. */
const bench = useBenchStore()
const setUp = useChooseJob()
const { undoOf } = useUndo()
let takeBack = () => {}

/** What the last press changed, while nothing else was changed since. */
const done = shallowRef<{ readonly job: JobId; readonly settings: readonly Setting[] } | null>(null)
const changed = computed(() => done.value?.settings.filter(isChange) ?? [])
const missing = computed(() => done.value?.settings.filter(setting => setting.missing !== null) ?? [])

function choose(job: JobId): void {
  done.value = { job, settings: setUp(job) }
  takeBack = undoOf()
}
function undo(): void {
  takeBack()
  done.value = null
}
</script>

<template>
  <div class="grid gap-3">
    <h2 class="serif text-xl">What is being sewn</h2>
    <div
      v-if="done"
      role="status"
      class="grid gap-2"
    >
      <p>
        <b>{{ JOBS[done.job].name }}:</b>
        {{ changed.length === 0 ? ' everything stood right already.' : ' this was set.' }}
      </p>
      <dl
        v-if="changed.length > 0"
        class="changes"
      >
        <template
          v-for="{ name, from, to, source, why } in changed"
          :key="name"
        >
          <dt>{{ name }}</dt>
          <dd>
            <span class="was">{{ from }}</span> → <b>{{ to }}</b>
            <span class="hint">{{ source }}: {{ why }}</span>
          </dd>
        </template>
      </dl>
      <div
        v-if="missing.length > 0"
        class="missing"
      >
        <p><b>Left to you</b></p>
        <p
          v-for="one in missing"
          :key="one.name"
        >
          {{ one.name }}: {{ one.missing }}
        </p>
      </div>
      <UButton
        class="justify-self-start"
        variant="outline"
        icon="i-lucide-undo-2"
        label="Take it all back"
        @click="undo"
      />
    </div>
    <div
      class="jobs"
      role="group"
      aria-label="Job"
    >
      <UButton
        v-for="id in JOB_IDS"
        :key="id"
        variant="ghost"
        color="neutral"
        :aria-pressed="bench.setup.job === id"
        @click="choose(id)"
      >
        <b>{{ JOBS[id].name }}</b>
        <span class="hint">{{ JOBS[id].about }}</span>
      </UButton>
    </div>
    <SelectField
      label="Goal of its tension"
      :model-value="bench.setup.goal"
      :items="GOALS.map(value => ({ value, label: value }))"
      @update:model-value="bench.update('Choose the goal', { goal: $event as Goal })"
    />
  </div>
</template>

<style scoped>
.jobs {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.jobs button {
  display: grid;
  align-content: start;
  min-height: 52px;
  padding: 6px 9px;
  border: 1.5px solid var(--line-strong);
  border-radius: 10px;
  background: var(--white);
  text-align: left;
  line-height: 1.2;
  cursor: pointer;
}
.jobs button:hover,
.jobs button[aria-pressed='true'] {
  border-color: var(--mulberry);
}
.jobs button[aria-pressed='true'] {
  box-shadow: inset 0 0 0 1px var(--mulberry);
}
.changes {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 10px;
  font-size: 15px;
  line-height: 1.25;
}
.changes dt {
  color: var(--mute);
}
.changes .hint {
  display: block;
}
.was {
  color: var(--mute);
  text-decoration: line-through;
}
.missing {
  padding: 8px 10px;
  border: 1.5px dashed var(--weld);
  border-radius: 10px;
  font-size: 15px;
  line-height: 1.3;
}
</style>
