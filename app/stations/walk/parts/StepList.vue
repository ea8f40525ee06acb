<script setup lang="ts">
import type { WalkStep } from '#core/walk'

/** Every step with its tick; `long` says why and what to look out for too. */
const { steps, held, current, long } = defineProps<{
  steps: readonly WalkStep[]
  held: ReadonlySet<string>
  /** The one shown large; −1: none. */
  current: number
  long: boolean
}>()
/** What is done before the step in hand takes no room, unless one looks for it. */
const showsDone = ref(false)
const isAway = (i: number) => !long && !showsDone.value && i < current && held.has(steps[i]!.id)
const doneCount = computed(() => steps.filter(({ id }, i) => i < current && held.has(id)).length)
const emit = defineEmits<{ show: [index: number]; toggle: [id: string] }>()
const list = useTemplateRef('list')
const row = useTemplateRef('row')
watch(
  () => current,
  async now => {
    await nextTick()
    // Only inside a list that scrolls by itself: on a phone the page must stay at the step.
    scrollWithin(list.value?.closest('section'), row.value?.[now])
  },
  { immediate: true },
)
</script>

<template>
  <UButton
    v-if="!long && doneCount > 0"
    variant="ghost"
    color="neutral"
    size="sm"
    :icon="showsDone ? 'i-lucide-chevron-down' : 'i-lucide-chevron-right'"
    :label="`${doneCount} done`"
    :aria-expanded="showsDone"
    @click="
      () => {
        showsDone = !showsDone
      }
    "
  />
  <ol
    ref="list"
    :class="{ long }"
  >
    <li
      v-for="(step, i) in steps"
      v-show="!isAway(i)"
      :key="step.id"
      ref="row"
      :class="{ now: i === current, done: held.has(step.id) }"
    >
      <InTurn>
        <UCheckbox
          :model-value="held.has(step.id)"
          :aria-label="step.instruction"
          @update:model-value="emit('toggle', step.id)"
        />
        <UButton
          v-if="!long"
          variant="ghost"
          color="neutral"
          size="sm"
          :label="step.instruction"
          :aria-current="i === current ? 'step' : undefined"
          class="show"
          :ui="{ label: 'whitespace-normal text-start' }"
          @click="emit('show', i)"
        />
        <div v-else>
          <UButton
            variant="link"
            color="neutral"
            :label="step.instruction"
            class="read"
            :ui="{ label: 'whitespace-normal text-start' }"
            @click="emit('show', i)"
          />
          <span
            v-if="step.why"
            class="hint"
            >{{ step.why }}</span
          >
          <span
            v-if="step.caution"
            class="caution"
            ><UIcon name="i-lucide-triangle-alert" /> {{ step.caution }}</span
          >
        </div>
      </InTurn>
    </li>
  </ol>
</template>

<style scoped>
li {
  display: flex;
  align-items: center;
  border-radius: 8px;
  border: 1.5px solid transparent;
}
li.now {
  border-color: var(--mulberry);
  background: var(--cloth);
}
.long {
  columns: 2 380px;
  column-gap: 24px;
}
.long li {
  break-inside: avoid;
  align-items: flex-start;
  padding: 3px 0;
}
.long li > div {
  padding-top: 10px;
}
.long .hint {
  display: block;
}
.caution {
  display: block;
  font-size: 14px;
  color: var(--weld-text);
  font-weight: 600;
}
.show {
  flex: 1;
  padding-left: 0;
  font-weight: 500;
}
.read {
  display: block;
  padding: 0;
  font-size: inherit;
  font-weight: 700;
  color: var(--ink);
}
li.done .show,
li.done .read {
  color: var(--mute);
  font-weight: 450;
}
li.now .show {
  font-weight: 650;
  color: var(--ink);
}
</style>
