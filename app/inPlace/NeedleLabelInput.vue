<script setup lang="ts">
import { parseNeedleLabel } from '#core/needle'

const settings = useSettingsStore()
const { putInNeedle } = usePutInNeedle()
const text = ref('')
const reading = computed(() =>
  text.value.trim() === '' ? null : parseNeedleLabel(text.value, settings.schools.tripleGap),
)

function putIn(): void {
  if (!reading.value?.ok) return
  putInNeedle(reading.value.needle)
  text.value = ''
}
</script>

<template>
  <form
    novalidate
    class="label"
    @submit.prevent="putIn"
  >
    <div class="line">
      <h2>My needles</h2>
      <UInput
        v-model="text"
        aria-label="Needle label from the packet"
        autocomplete="off"
        placeholder="add: 2.5/80"
      />
      <UButton
        type="submit"
        variant="outline"
        class="shrink-0"
        label="Put in"
        :disabled="!reading?.ok"
      />
    </div>
    <p
      v-if="reading"
      role="status"
      class="hint"
      :class="{ 'strikes-ink': !reading.ok }"
    >
      {{ reading.ok ? `${reading.said}. ${reading.note ?? ''}` : reading.message }}
    </p>
    <NeedleSizes
      v-if="reading"
      :reading="reading"
      @take="
        label => {
          text = label
          putIn()
        }
      "
    />
  </form>
</template>

<style scoped>
.line {
  display: flex;
  align-items: center;
  gap: 8px;
}
h2 {
  font: inherit;
  font-weight: 650;
  font-size: 14.5px;
  white-space: nowrap;
}
</style>
