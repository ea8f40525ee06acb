<script setup lang="ts">
import { type Reading, READING_STEPS, type ReadingName } from '#core/trial'
import type { SeamPoints } from '#core/seam'
import { readingWord, signed } from '~/utils/readingWords'

/**
 * Seven drawn swatches to choose from: the row is read by looking, not by words. Radio buttons of our own,
 * each a drawing of this very seam: this is how a strip is read.
 */
const model = defineModel<Reading | null>({ required: true })
const { name, legend, seam, target } = defineProps<{
  name: ReadingName
  legend: string
  seam: SeamPoints
  /** The goal's own step; null: this reading is beside the point. */
  target: Reading | null
}>()
const group = useId()
</script>

<template>
  <fieldset>
    <legend>{{ legend }}</legend>
    <div class="steps">
      <label
        v-for="step in READING_STEPS"
        :key="step"
        :class="{ chosen: model === step, target: target === step }"
      >
        <input
          v-model="model"
          type="radio"
          :name="group"
          :value="step"
          class="sr-only"
        />
        <ShowPicture
          v-if="name === 'show'"
          :seam="seam"
          :reading="step"
        />
        <RidgePicture
          v-else
          :seam="seam"
          :reading="step"
        />
        <b>{{ signed(step) }}</b><span>{{ readingWord(name, step) }}</span>
        <em v-if="target === step">goal</em>
      </label>
    </div>
  </fieldset>
</template>

<style scoped>
legend {
  font-weight: 700;
  margin-bottom: 4px;
}
.steps {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(88px, 1fr));
  gap: 5px;
}
label {
  position: relative;
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 1px;
  padding: 4px 2px 3px;
  border: 2px solid var(--line);
  border-radius: 9px;
  background: var(--white);
  text-align: center;
  line-height: 1.15;
  cursor: pointer;
}
label:hover {
  border-color: var(--line-strong);
}
label.chosen {
  border-color: var(--mulberry);
  background: var(--cloth);
  box-shadow: 0 0 0 1.5px var(--mulberry);
}
label:focus-within {
  outline: 3px solid var(--mulberry);
  outline-offset: 2px;
}
label :deep(svg) {
  width: 100%;
}
b {
  font-size: 15px;
}
span {
  font-size: 14px;
  color: var(--mute);
}
em {
  position: absolute;
  top: 0;
  padding: 2px 6px;
  border-radius: 4px;
  font-style: normal;
  font-size: 14px;
  font-weight: 700;
  color: var(--on-mulberry);
  background: var(--mulberry);
}
</style>
