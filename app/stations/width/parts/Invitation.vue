<script setup lang="ts">
import { needleName } from '#core/needle'
import { exampleSeam } from '#shared/inputs'
import { useLate } from '~/asking/useLate'
import { LateSeamSides } from '~/asking/lateWithin'

/**
 * The first page of an empty book: three choices, and below them the drawings they lead to. What is not
 * chosen yet is an example, drawn grey and called one.
 */
const emit = defineEmits<{
  /** The third choice is made, or the demo is on. */
  done: []
}>()
const book = useBookStore()
const inHand = useInHandStore()
const settings = useSettingsStore()
const late = useLate()

const machine = computed(() => inHand.parts.machine)
const needle = computed(() => inHand.parts.needle)
/** What is sewn may be chosen before the rest. */
const hasSewn = ref(false)
/** From here on the verdict speaks of the piece in hand: so do the drawings. */
const isOwn = computed(() => machine.value !== null && needle.value !== null)
const example = computed(() =>
  exampleSeam(inHand.setup, book.shelf, settings.record, hasSewn.value || isOwn.value),
)
const isComplete = computed(() => isOwn.value && hasSewn.value)
watch(isComplete, now => {
  if (now) emit('done')
})

async function loadDemo(): Promise<void> {
  await late(
    'The demo',
    async () => {
      await book.loadDemo()
      emit('done')
    },
    loadDemo,
  )
}
const exampleWords = computed(() => {
  if (!example.value) return ''
  const { seam, needle: itsNeedle, stitchName } = example.value
  const { machine: itsMachine, stitch } = seam.swing
  const width = stitch.widthMm > 0 ? `, ${inMm(stitch.widthMm)} wide` : ''
  return `${inMm(itsMachine.maxWidthMm)} machine, ${needleName(itsNeedle)}, ${stitchName}${width}`
})
</script>

<template>
  <div class="invitation">
    <header>
      <p class="says serif">See how wide your twin needle may swing, before it hits anything.</p>
      <UButton
        v-if="book.isEmpty"
        variant="outline"
        icon="i-lucide-book-open"
        label="Look round with the demo"
        @click="loadDemo"
      />
    </header>
    <div class="choices">
      <UCard
        as="section"
        aria-label="Your machine"
        :class="{ chosen: machine }"
      >
        <h2>1 Your machine</h2>
        <svg
          viewBox="0 0 120 44"
          class="sketch"
          role="img"
          aria-label="Two needle positions, and the widest stitch between them"
        >
          <path
            d="M18 8 102 8M18 2v12M102 2v12"
            class="size"
          />
          <path
            d="M20 40 40 18 60 40 80 18 100 40"
            class="thread"
          />
        </svg>
        <p v-if="machine"><UIcon name="i-lucide-check" /> Widest stitch {{ inMm(machine.maxWidthMm) }}</p>
        <template v-else>
          <MachineHere />
          <p class="hint">The manual says it, or the width dial.</p>
        </template>
      </UCard>
      <UCard
        as="section"
        aria-label="Your needle"
        :class="{ chosen: needle }"
      >
        <h2>2 Your needle</h2>
        <svg
          viewBox="0 0 120 44"
          class="sketch"
          role="img"
          aria-label="A twin needle, and the gap between its blades"
        >
          <path
            d="M60 0v8M48 8h24M48 8v32M72 8v32M48 40l0 4M72 40l0 4"
            class="steel"
          />
          <path
            d="M48 24H72M48 20v8M72 20v8"
            class="size"
          />
          <text
            x="78"
            y="29"
          >
            gap
          </text>
        </svg>
        <p v-if="needle"><UIcon name="i-lucide-check" /> {{ needleName(needle) }}</p>
        <NeedleLabelInput v-else />
        <p
          v-if="!needle"
          class="hint"
        >
          The label gives gap and size: 2.5/80.
        </p>
      </UCard>
      <UCard
        as="section"
        aria-label="What to sew"
        :class="{ chosen: hasSewn }"
      >
        <h2>3 What to sew</h2>
        <SewChoice @sewn="hasSewn = true" />
      </UCard>
    </div>
    <div
      v-if="example"
      class="drawn"
    >
      <UCard
        as="section"
        aria-label="Over the plate"
      >
        <header>
          <h2>Over the plate</h2>
          <span class="hint">{{ isOwn ? '' : 'Example: ' }}{{ exampleWords }}</span>
        </header>
        <div :class="{ answered: isOwn }">
          <PlateView
            :class="{ example: !isOwn }"
            :input="example.seam.swing"
            :drop="0"
          />
          <VerdictCard v-if="isOwn" />
        </div>
      </UCard>
      <LateSeamSides
        :class="{ example: !isOwn }"
        :inert="!isOwn"
        :seam="example.seam"
        :stitch-name="`${isOwn ? '' : 'Example: '}${example.stitchName}`"
        :right-tall-px="150"
        :under-tall-px="90"
      />
    </div>
  </div>
</template>

<style scoped>
.invitation,
.invitation > header {
  display: grid;
  gap: 14px;
}
.invitation > header {
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
}
.says {
  font-size: 22px;
  line-height: 1.2;
}
.choices {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) minmax(0, 1.4fr);
  gap: 14px;
}
.choices :deep(.label .line) {
  flex-wrap: wrap;
}
.choices :deep(.label h2) {
  flex-basis: 100%;
}
.chosen {
  border-color: var(--lichen);
}
.sketch {
  height: 48px;
  margin: 6px 0;
}
.choices :deep([role='group'] > span) {
  flex-basis: 100%;
}
.size {
  fill: none;
  stroke: var(--mulberry);
  stroke-width: 1.5;
}
.thread,
.steel {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.4;
  stroke-linejoin: round;
}
text {
  font-size: 14px;
  fill: var(--mulberry);
}
.drawn {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 236px;
  gap: 14px;
  align-items: start;
}
.answered {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 270px;
  gap: 14px;
  align-items: start;
}
/* An example is no promise: it is seen to be one. */
.example {
  filter: grayscale(1);
  opacity: 0.72;
}
@media (max-width: 1000px) {
  .choices,
  .drawn,
  .answered,
  .invitation > header {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
