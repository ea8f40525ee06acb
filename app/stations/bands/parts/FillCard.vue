<script setup lang="ts">
import { MOST_CHOICES, MOST_STACK_ROWS, type Stack } from '#core/band'
import { STITCHES } from '#core/stitch'
import { usePlanned } from '~/planner/usePlanned'

/** Every symmetric stack of stitches one likes that fills a width. */
const { start } = defineProps<{
  /** Stitches of the band there is, to begin with. */
  start: readonly { readonly id: string; readonly widthMm: number }[]
}>()
const emit = defineEmits<{ take: [rows: { stitchId: string; widthMm: number }[], overlapMm: number] }>()
const book = useBookStore()
const { between, usual } = useLength()
const MOST_SHOWN = 50
const bandMm = ref(usual(32, 1.25))
const overlapMm = ref(0)
const toleranceMm = ref(0.5)
const mostRows = ref(5)
const choices = ref(dedupe(start))
function dedupe(rows: typeof start): { id: string; widthMm: number }[] {
  return rows
    .filter(({ widthMm }, i) => widthMm > 0 && rows.findIndex(({ id }) => id === rows[i]!.id) === i)
    .slice(0, MOST_CHOICES)
    .map(row => ({ ...row }))
}
const stitches = computed(() => [...STITCHES, ...book.shelf.stitches.values()])
const nameOf = (id: string) => stitches.value.find(one => one.id === id)?.name ?? 'a stitch that is gone'
const shapeOf = (id: string) => stitches.value.find(one => one.id === id)!
const more = computed(() => [
  { value: '', label: 'add a stitch' },
  ...stitches.value
    .filter(({ id, defaultWidthMm }) => defaultWidthMm > 0 && !choices.value.some(one => one.id === id))
    .map(({ id, name }) => ({ value: id, label: name })),
])
const added = computed({
  get: () => '',
  set: (id: string) => {
    const stitch = stitches.value.find(one => one.id === id)
    if (stitch && choices.value.length < MOST_CHOICES)
      choices.value.push({ id, widthMm: stitch.defaultWidthMm })
  },
})
const input = computed(() =>
  choices.value.length === 0
    ? null
    : {
        bandMm: bandMm.value,
        overlapMm: overlapMm.value,
        toleranceMm: toleranceMm.value,
        mostRows: mostRows.value,
        choices: choices.value.map(one => ({ ...one })),
        most: MOST_SHOWN,
      },
)
const { answer, problem, fault, isWorking, again } = usePlanned(
  () => input.value,
  (api, now) => api.fill(now),
  () => null,
)
const stacks = computed((): readonly Stack[] => answer.value?.stacks ?? [])
const countWords = computed(() => {
  const { count } = answer.value!
  const more = count - stacks.value.length
  const fit = count === 1 ? 'One stack fits' : `${count} stacks fit`
  return more > 0 ? `${fit}: the ${stacks.value.length} best are shown, ${more} more are not` : fit
})
const widthOf = (id: string) => choices.value.find(one => one.id === id)?.widthMm ?? 1
function take({ ids }: Stack): void {
  emit(
    'take',
    ids.map(stitchId => ({ stitchId, widthMm: widthOf(stitchId) })),
    overlapMm.value,
  )
}
const SAME_MM = 0.005
const offWords = ({ offMm }: Stack) => {
  if (Math.abs(offMm) < SAME_MM) return 'just as wide'
  return `${between(Math.abs(offMm))} ${offMm > 0 ? 'wider' : 'narrower'}`
}
const stackLabel = (stack: Stack) => `${stack.ids.map(nameOf).join(', ')}: ${offWords(stack)}`
</script>

<template>
  <div class="grid gap-2">
    <div class="pair">
      <LengthField
        v-model="bandMm"
        label="Band to fill"
        limit="bandMm"
      />
      <LengthField
        v-model="toleranceMm"
        label="May be off by"
        limit="bandToleranceMm"
      />
      <LengthField
        v-model="overlapMm"
        label="Rows overlap"
        limit="overlapMm"
      />
      <NumberField
        v-model="mostRows"
        label="Rows at most"
        :limit="[1, MOST_STACK_ROWS]"
        whole
      />
    </div>
    <ul
      class="grid gap-1"
      aria-label="Stitches one likes"
    >
      <li
        v-for="(choice, i) in choices"
        :key="choice.id"
        class="choice"
      >
        <LengthField
          v-model="choice.widthMm"
          :label="nameOf(choice.id)"
          limit="widthMm"
        />
        <IconButton
          icon="i-lucide-x"
          tip="Take out"
          :label="`Without ${nameOf(choice.id)}`"
          @click="
            () => {
              choices.splice(i, 1)
            }
          "
        />
      </li>
    </ul>
    <SelectField
      v-if="choices.length < MOST_CHOICES"
      v-model="added"
      label="Another stitch one likes"
      :items="more"
    />
    <p
      v-if="problem"
      class="strikes-ink"
      role="alert"
    >
      {{ problem }}
    </p>
    <AskFault
      v-if="fault"
      what="The search for stacks"
      :fault="fault"
      @again="again"
    />
    <WorkingOut
      v-else-if="isWorking && !answer"
      :tall="80"
    />
    <p
      v-if="answer"
      class="hint"
      role="status"
    >
      {{ countWords }}.
    </p>
    <ul
      class="stacks"
      aria-label="Stacks that fit"
    >
      <li
        v-for="stack in stacks"
        :key="stack.ids.join()"
      >
        <UButton
          variant="outline"
          color="neutral"
          class="stack"
          :aria-label="stackLabel(stack)"
          @click="take(stack)"
        >
          <span class="thumbs">
            <span
              v-for="(id, k) in stack.ids"
              :key="k"
              class="thumb"
              :style="{ flexGrow: widthOf(id) }"
              ><StitchThumb
                :shape="shapeOf(id)"
                :width="Math.min(7, widthOf(id))"
                :length="shapeOf(id).defaultLengthMm"
            /></span>
          </span>
          <span class="hint"
            >{{ stack.ids.map(id => bareMm(widthOf(id))).join(' + ') }}, {{ offWords(stack) }}</span
          >
        </UButton>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.choice {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: end;
}
.stacks {
  display: grid;
  gap: 6px;
  max-height: 50dvh;
  overflow: auto;
}
.stack {
  width: 100%;
  display: grid;
  gap: 2px;
  text-align: start;
}
.thumbs {
  display: flex;
  height: 54px;
  gap: 2px;
}
.thumb {
  flex: 1 1 0;
  min-width: 0;
  height: 54px;
}
</style>
