<script setup lang="ts">
import type { Swatch } from '#shared/records'
import { usePhotoTaking, usePhotoUrl } from './usePhotoTaking'

/** Photos of the right side and the wrong side, scaled down and kept in this browser. */
const { photos, of, clothHex } = defineProps<{
  photos: Swatch['photos']
  /** Of the cloth they show, as far as it is known: it stands where a picture is clear. */
  clothHex: string | null
  /** What they show, for screen readers. */
  of: string
}>()
const emit = defineEmits<{ change: [side: 'front' | 'back', id: string | null] }>()
const SIDES = [
  ['front', 'Right side'],
  ['back', 'Wrong side'],
] as const
const shown = { front: usePhotoUrl(() => photos.front), back: usePhotoUrl(() => photos.back) }
const urls = reactive({ front: shown.front.url, back: shown.back.url })
/** Its record points at a picture that is not in this browser. */
const isMissing = reactive({ front: shown.front.isMissing, back: shown.back.isMissing })
// Shut, it holds nothing: a book shows many of these.
const open = ref(photos.front !== null || photos.back !== null)
const { take, problem, busy, failed } = usePhotoTaking(() => clothHex)
const failedSide = ref<'front' | 'back'>('front')

async function add(side: 'front' | 'back', file: File): Promise<void> {
  failedSide.value = side
  const id = await take(file)
  if (id !== null) emit('change', side, id)
}
</script>

<template>
  <FoldAway
    v-model:open="open"
    title="Photos"
  >
    <div class="sides">
      <div
        v-for="[side, words] in SIDES"
        :key="side"
      >
        <img
          v-if="urls[side]"
          :src="urls[side]!"
          :alt="`${of}, ${words.toLowerCase()}`"
        />
        <p
          v-if="isMissing[side]"
          class="hint close-ink"
        >
          The photo is not in this browser. Import the zip that has it, or take another photo.
        </p>
        <FileButton
          accept="image/*"
          icon="i-lucide-camera"
          :label="urls[side] ? 'Another' : words"
          :about="`${words} of ${of}`"
          :disabled="busy"
          @file="add(side, $event)"
        />
        <UButton
          v-if="urls[side]"
          class="out"
          variant="outline"
          color="neutral"
          icon="i-lucide-x"
          :aria-label="`Take the photo of the ${words.toLowerCase()} out`"
          @click="emit('change', side, null)"
        />
      </div>
    </div>
    <AskFault
      v-if="failed"
      :what="`The photo ${failed.file.name}`"
      :fault="failed.fault"
      @again="add(failedSide, failed.file)"
    />
    <WorkingOut
      v-else-if="busy"
      :tall="60"
      words="Making the photo smaller…"
    />
    <p
      v-if="problem"
      role="alert"
      class="hint strikes-ink"
    >
      {{ problem }}
    </p>
  </FoldAway>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.sides > div {
  position: relative;
}
img {
  width: 100%;
  height: 96px;
  object-fit: cover;
  border-radius: 8px;
  border: 1px solid var(--line);
}
.out {
  position: absolute;
  top: 4px;
  right: 4px;
}
</style>
