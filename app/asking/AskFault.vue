<script setup lang="ts">
import type { Fault } from './asker'
import { useFault } from './useFault'

/** Where something was asked for and did not come: why, and the ways on. Nothing that was chosen is gone. */
const {
  what,
  fault,
  leave = '',
} = defineProps<{
  /** What there is none of now, as a sentence begins with it: “The drawing”. */
  what: string
  fault: Fault
  /** A way out that asks for nothing: “Stay here”; empty: there is none. @defaultValue '' */
  leave?: string
}>()
const emit = defineEmits<{ again: []; leave: [] }>()
const { words, isNewer, notStored, reload } = useFault(
  () => what,
  () => fault,
)
</script>

<template>
  <div
    role="alert"
    class="fault"
    data-fault
  >
    <p>
      <b>{{ words.said }}</b> {{ words.mend }}
    </p>
    <p v-if="notStored">Something is not stored yet. Export it on Files before you reload.</p>
    <div class="flex flex-wrap gap-2">
      <UButton
        size="sm"
        icon="i-lucide-refresh-cw"
        label="Try again"
        @click="emit('again')"
      />
      <UButton
        v-if="isNewer"
        size="sm"
        variant="outline"
        label="Reload: your work is kept"
        @click="reload"
      />
      <UButton
        v-if="leave"
        size="sm"
        variant="ghost"
        :label="leave"
        @click="emit('leave')"
      />
    </div>
  </div>
</template>

<style scoped>
.fault {
  display: grid;
  gap: 8px;
  padding: 10px 12px;
  border: 1.5px solid var(--line-strong);
  border-radius: 10px;
  background: var(--white);
  max-width: 560px;
}
</style>
