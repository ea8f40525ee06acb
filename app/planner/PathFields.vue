<script setup lang="ts">
import { CoreError } from '#core/errors'
import { boundsOf, outlinesOfPath } from '#core/shape'
import { readSvgPath } from '~/utils/svgFile'
import { orNull } from './orNull'
import { useProblemWords } from './problemWords'

/** A drawing from an SVG, at the size its units say or one length one knows. */
interface DrawnPath {
  path: string
  mmPerUnit: number
}
const model = defineModel<DrawnPath>({ required: true })
const { about } = defineProps<{
  /** What is read of it, for screen readers. */
  about: string
}>()
const problem = ref('')
const wordsOf = useProblemWords()
async function take(file: File): Promise<void> {
  const reading = readSvgPath(await file.text())
  problem.value = reading.ok ? '' : reading.message
  if (!reading.ok) return
  const { path, mmPerUnit } = reading
  try {
    outlinesOfPath(path, mmPerUnit)
    model.value = { path, mmPerUnit }
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    problem.value = `${wordsOf(error)} Simplify the drawing, and save it as plain SVG.`
  }
}
/** How wide all of it is. Typed, it scales the drawing. */
const wide = computed({
  get(): number | null {
    const { path, mmPerUnit } = model.value
    return orNull(() => {
      const { left, right } = boundsOf(outlinesOfPath(path, mmPerUnit).map(({ pointsMm }) => pointsMm))
      return right - left
    })
  },
  set(mm) {
    const now = wide.value
    if (mm !== null && now) model.value = { ...model.value, mmPerUnit: (model.value.mmPerUnit * mm) / now }
  },
})
</script>

<template>
  <div class="grid gap-2">
    <FileButton
      label="Choose an SVG"
      :about="about"
      accept=".svg,image/svg+xml"
      icon="i-lucide-file-up"
      @file="take"
    />
    <LengthField
      v-model="wide"
      label="All of it is wide"
      limit="shapeMm"
      hint="From the file’s own units, or type what you measured."
    />
    <p
      v-if="problem"
      role="alert"
      class="strikes-ink"
    >
      {{ problem }}
    </p>
  </div>
</template>
