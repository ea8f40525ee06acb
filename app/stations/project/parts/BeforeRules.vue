<script setup lang="ts">
import type { ProjectWork } from '#shared/inputs'

/** What must come before what: suggested by kind, and changed by hand. */
const { work, before } = defineProps<{
  work: readonly ProjectWork[]
  before: readonly (readonly [number, number])[]
}>()
const emit = defineEmits<{ suggest: []; add: [first: number, second: number]; remove: [rule: number] }>()
const items = computed(() => [
  { value: '', label: 'choose one' },
  ...work.map(({ name }, i) => ({ value: String(i), label: `${i + 1} ${name}` })),
])
const first = ref('')
const second = ref('')
const isReady = computed(() => first.value !== '' && second.value !== '' && first.value !== second.value)
function add(): void {
  if (!isReady.value) return
  emit('add', Number(first.value), Number(second.value))
  first.value = ''
  second.value = ''
}
</script>

<template>
  <div class="grid gap-2">
    <UButton
      size="sm"
      variant="outline"
      icon="i-lucide-lightbulb"
      label="As usual: tuck, cut, fuse, edge, topstitch"
      class="justify-self-start"
      @click="emit('suggest')"
    />
    <ul
      class="grid gap-1"
      aria-label="What comes before what"
    >
      <li
        v-for="([a, b], rule) in before"
        :key="rule"
        class="rule"
      >
        <span>{{ work[a]?.name }} <b>before</b> {{ work[b]?.name }}</span>
        <IconButton
          icon="i-lucide-x"
          tip="Take out"
          :label="`Without: ${work[a]?.name} before ${work[b]?.name}`"
          @click="emit('remove', rule)"
        />
      </li>
    </ul>
    <div class="pair">
      <SelectField
        v-model="first"
        label="This first"
        :items="items"
      />
      <SelectField
        v-model="second"
        label="then this"
        :items="items"
      />
    </div>
    <UButton
      size="sm"
      variant="outline"
      icon="i-lucide-plus"
      label="Add the rule"
      class="justify-self-start"
      :disabled="!isReady"
      @click="add"
    />
  </div>
</template>

<style scoped>
.rule {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
}
</style>
