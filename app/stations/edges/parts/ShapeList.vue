<script setup lang="ts">
import type { EdgePart } from '#shared/records'
import { UNCHOSEN_PART_HEX } from '../partLooks'
import { plainOf } from '~/utils/plain'

/** The cloths of an appliqué from the one on top down, and which of them is worked on. */
const parts = defineModel<EdgePart[]>({ required: true })
const chosen = defineModel<number>('chosen', { required: true })
const { looks } = defineProps<{
  /** Its name and colour, one a part. */
  looks: readonly { readonly name: string; readonly hex: string }[]
}>()
const emit = defineEmits<{ changed: []; draw: [] }>()
const MOST = 30
const STEP_MM = 12
const rows = computed(() => parts.value.map((_, i) => i).reverse())
function change(next: EdgePart[], to: number): void {
  parts.value = next
  chosen.value = Math.min(next.length - 1, Math.max(0, to))
  emit('changed')
}
/** Up is nearer to the eye. */
function move(i: number, by: number): void {
  const next = [...parts.value]
  const [part] = next.splice(i, 1)
  next.splice(i + by, 0, part!)
  change(next, i + by)
}
const { usual } = useLength()
function add(): void {
  const acrossMm = usual(30, 1.25)
  const cut = { kind: 'form', form: 'circle', wideMm: acrossMm, tallMm: acrossMm, count: 5 } as const
  const part: EdgePart = {
    name: '',
    cut,
    x: 0,
    y: 0,
    turnDeg: 0,
    flipped: false,
    clothId: null,
    hex: UNCHOSEN_PART_HEX,
  }
  change([...parts.value, part], parts.value.length)
}
function copy(i: number): void {
  const part = plainOf(parts.value[i]!)
  const next = [...parts.value]
  next.splice(i + 1, 0, { ...part, x: part.x + STEP_MM, y: part.y - STEP_MM })
  change(next, i + 1)
}
const remove = (i: number) =>
  change(
    parts.value.filter((_, k) => k !== i),
    chosen.value > i ? chosen.value - 1 : i,
  )
</script>

<template>
  <div class="grid gap-2">
    <ol
      class="list"
      aria-label="Shapes, the one on top first"
    >
      <li
        v-for="i in rows"
        :key="i"
        class="row"
      >
        <UButton
          :variant="chosen === i ? 'soft' : 'ghost'"
          color="neutral"
          class="name"
          :aria-pressed="chosen === i"
          @click="
            () => {
              chosen = i
            }
          "
        >
          <span
            class="dot"
            :style="{ background: looks[i]?.hex }"
          />{{ looks[i]?.name }}
        </UButton>
        <template v-if="parts.length > 1">
          <IconButton
            icon="i-lucide-arrow-up"
            tip="Up"
            :label="`Lay ${looks[i]?.name} higher`"
            :disabled="i === parts.length - 1"
            @click="move(i, 1)"
          />
          <IconButton
            icon="i-lucide-arrow-down"
            tip="Down"
            :label="`Lay ${looks[i]?.name} lower`"
            :disabled="i === 0"
            @click="move(i, -1)"
          />
          <IconButton
            icon="i-lucide-x"
            tip="Take out"
            :label="`Take ${looks[i]?.name} out`"
            @click="remove(i)"
          />
        </template>
      </li>
    </ol>
    <div class="flex flex-wrap gap-2">
      <UButton
        size="sm"
        variant="outline"
        icon="i-lucide-plus"
        label="Add a shape"
        :disabled="parts.length >= MOST"
        @click="add"
      />
      <UButton
        size="sm"
        variant="outline"
        icon="i-lucide-pen-line"
        label="Draw a shape"
        :disabled="parts.length >= MOST"
        @click="emit('draw')"
      />
      <UButton
        size="sm"
        variant="outline"
        icon="i-lucide-copy"
        label="Copy it"
        :disabled="parts.length >= MOST"
        @click="copy(chosen)"
      />
    </div>
  </div>
</template>

<style scoped>
.list {
  display: grid;
  gap: 4px;
}
.row {
  display: flex;
  align-items: center;
  gap: 2px;
}
.name {
  flex: 1;
  min-width: 0;
  justify-content: flex-start;
  text-align: start;
}
.dot {
  flex: none;
  width: 16px;
  height: 16px;
  border-radius: 50%;
  border: 1.5px solid var(--ink);
}
</style>
