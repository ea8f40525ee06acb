<script setup lang="ts">
import { JOB_IDS, type JobId, JOBS } from '#core/job'
import { MOST_NAME, nameField } from '#shared/fields'
import { isJobOfPlan } from '#shared/inputs'
import { pieceName } from '#shared/records'
import { EMPTY_SETUP } from '#shared/setup'
import type { JobFor } from '~/composables/useChooseJob'
import { PLAN_PATHS, planPathOf } from '~/planner/planPaths'
import { GOALS, type Goal } from '#core/terms'
import { isChange, type Setting } from '#shared/job'
import { SOURCE_CHIPS } from '~/utils/sourceChips'

/**
 * The piece in hand: its name, and what is being sewn. One press on a job sets all that follows, says what it
 * changed, and can be taken back.
 */
const inHand = useInHandStore()
const setUp = useChooseJob()
const { undoOf } = useUndo()
let takeBack = () => {}

/** What the last press changed, while nothing else was changed since. */
const done = shallowRef<{ readonly job: JobId; readonly settings: readonly Setting[] } | null>(null)
const changed = computed(() => done.value?.settings.filter(isChange) ?? [])
const missing = computed(() => done.value?.settings.filter(setting => setting.missing !== null) ?? [])

/** A job that is asked about: a piece with a name, or a plan it does not suit, is not changed unasked. */
const asked = ref<JobId | null>(null)
function press(job: JobId): void {
  done.value = null
  const { name: called, plan } = inHand.piece
  const isSafe = !inHand.isBegun || (called === '' && isJobOfPlan(job, plan.kind))
  if (isSafe || job === inHand.setup.job) choose(job, 'this')
  else asked.value = job
}
function choose(job: JobId, piece: JobFor): void {
  asked.value = null
  done.value = { job, settings: setUp(job, piece) }
  takeBack = undoOf()
}
const loses = computed(() => asked.value !== null && !isJobOfPlan(asked.value, inHand.piece.plan.kind))
const planner = computed(() => {
  const to = planPathOf(inHand.piece)
  return to === PLAN_PATHS.seam ? null : { to, label: `Plan it: ${JOBS[inHand.setup.job].name}` }
})
const closePicker = inject(closePickerKey, () => {})

/** Kept as it is typed: a panel that is shut loses nothing. */
const name = ref(inHand.piece.name)
watch(
  () => inHand.piece.name,
  now => {
    if (now !== name.value.trim()) name.value = now
  },
)
const nameProblem = computed(() => {
  const parsed = name.value.trim() === '' ? null : nameField.safeParse(name.value)
  return parsed?.error?.issues[0]?.message ?? ''
})
watch(name, typed => {
  if (nameProblem.value !== '' || typed.trim() === inHand.piece.name) return
  const joinKey = `name ${inHand.piece.id}`
  void inHand.change('Name the piece', { name: typed.trim() }, { joinKey })
})
function beginNew(): void {
  // What is on the machine stays: what is sewn with it begins anew.
  const { stitch, job, goal, tension, tensionFrom, stabilizerId, speed } = EMPTY_SETUP
  const anew = { stitch, job, goal, tension, tensionFrom, stabilizerId, speed }
  inHand.show({ plan: { kind: 'seam' }, setup: { ...inHand.setup, ...anew } })
  done.value = null
}
function undo(): void {
  takeBack()
  done.value = null
}
</script>

<template>
  <div class="grid gap-3">
    <h2 class="serif text-xl">The piece in hand</h2>
    <UFormField
      label="Its name"
      :error="nameProblem || undefined"
    >
      <UInput
        v-model="name"
        autocomplete="off"
        :maxlength="MOST_NAME"
        :placeholder="pieceName(inHand.piece)"
      />
    </UFormField>
    <div class="flex flex-wrap gap-2">
      <UButton
        variant="outline"
        icon="i-lucide-plus"
        label="New piece"
        @click="beginNew"
      />
      <UButton
        variant="outline"
        icon="i-lucide-list"
        label="All pieces"
        to="/pieces"
        @click="closePicker"
      />
      <UButton
        v-if="planner"
        variant="outline"
        icon="i-lucide-ruler"
        :label="planner.label"
        :to="planner.to"
        @click="closePicker"
      />
    </div>
    <div
      v-if="asked"
      role="status"
      class="missing grid gap-2"
    >
      <p>
        <b>{{ JOBS[asked].name }}</b> for “{{ pieceName(inHand.piece) }}”, or for a new piece?
        <template v-if="loses">Changed, this one loses its plan.</template>
      </p>
      <div class="flex flex-wrap gap-2">
        <UButton
          icon="i-lucide-plus"
          label="Begin a new piece"
          @click="choose(asked!, 'new')"
        />
        <UButton
          variant="outline"
          icon="i-lucide-pencil"
          label="Change this piece"
          @click="choose(asked!, 'this')"
        />
      </div>
    </div>
    <h3 class="field-label">What is being sewn</h3>
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
          v-for="{ name: what, from, to, source, why } in changed"
          :key="what"
        >
          <dt>{{ what }}</dt>
          <dd>
            <span class="was">{{ from }}</span> → <b>{{ to }}</b> {{ ' '
            }}<SourceChip
              :of="SOURCE_CHIPS[source]"
              :about="what"
            >
              <p>{{ why }}</p>
            </SourceChip>
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
        :aria-pressed="inHand.setup.job === id"
        @click="press(id)"
      >
        <b>{{ JOBS[id].name }}</b>
        <span class="hint">{{ JOBS[id].about }}</span>
      </UButton>
    </div>
    <SelectField
      label="Goal of its tension"
      :model-value="inHand.setup.goal"
      :items="GOALS.map(value => ({ value, label: value }))"
      @update:model-value="inHand.update('Choose the goal', { goal: $event as Goal })"
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
