<script setup lang="ts">
import { findStitch } from '#core/stitch'
import type { NamedStitch } from '#shared/inputs'

const open = defineModel<boolean>('open', { required: true })
const book = useBookStore()
const bench = useBenchStore()
const { remove } = useShelf()
const drawing = ref(false)

function choose(stitch: NamedStitch): void {
  bench.chooseStitch(stitch)
  open.value = false
}
function added(id: string): void {
  drawing.value = false
  const stitch = book.shelf.stitches.get(id)
  if (stitch) choose(stitch)
}
const useOf = (id: string) => findStitch(id)?.use ?? 'my own'
</script>

<template>
  <UModal
    v-model:open="open"
    :title="drawing ? 'A stitch of my own' : 'Stitches'"
    :description="
      drawing
        ? 'From drops on a millimetre grid, a CSV or an SVG.'
        : 'Each is a list of needle drops; its usual width is narrowed to what is safe here.'
    "
    :ui="{ content: 'max-w-3xl' }"
  >
    <template #body>
      <LazyOwnStitchMaker
        v-if="drawing"
        @added="added"
        @cancel="drawing = false"
      />
      <template v-else>
        <ul class="grid">
          <li
            v-for="stitch in bench.allStitches"
            :key="stitch.id"
            class="cell"
          >
            <button
              type="button"
              class="stitch"
              :aria-pressed="stitch.id === bench.setup.stitch.stitchId"
              @click="choose(stitch)"
            >
              <span class="picture"
                ><StitchThumb
                  :shape="stitch"
                  :width="Math.max(stitch.defaultWidthMm, 0.01)"
                  :length="stitch.defaultLengthMm"
              /></span>
              <span
                ><b>{{ stitch.name }}</b
                ><span class="hint"
                  >{{ useOf(stitch.id)
                  }}{{ stitch.alignment === 'centre' ? '' : ` · held ${stitch.alignment}` }}</span
                ></span
              >
            </button>
            <UButton
              v-if="!findStitch(stitch.id)"
              icon="i-lucide-trash-2"
              variant="ghost"
              color="neutral"
              :aria-label="`Delete ${stitch.name}`"
              @click="
                () => {
                  remove('stitches', stitch.id, stitch.name)
                }
              "
            />
          </li>
          <li class="cell">
            <button
              type="button"
              class="stitch own"
              @click="drawing = true"
            >
              <UIcon name="i-lucide-plus" /> <b>A stitch of my own</b>
            </button>
          </li>
        </ul>
      </template>
    </template>
  </UModal>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(215px, 1fr));
  gap: 6px;
}
.cell {
  display: flex;
  align-items: center;
}
.stitch {
  flex: 1;
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 76px;
  padding: 6px 10px;
  text-align: left;
  border: 1.5px solid var(--line);
  border-radius: 10px;
  background: var(--cloth);
  cursor: pointer;
  line-height: 1.2;
}
.own {
  justify-content: center;
  border-style: dashed;
  border-color: var(--line-strong);
  color: var(--mulberry);
}
.stitch:hover {
  border-color: var(--mulberry);
}
.stitch[aria-pressed='true'] {
  border-color: var(--mulberry);
  box-shadow: 0 0 0 1.5px var(--mulberry);
}
.picture {
  flex: none;
  width: 46px;
  height: 64px;
  color: var(--woad);
  background: var(--paper);
  border-radius: 6px;
  padding: 2px;
}
.stitch .hint {
  display: block;
}
</style>
