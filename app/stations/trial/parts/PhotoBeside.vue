<script setup lang="ts">
import { usePhotoTaking, usePhotoUrl } from '~/fields/usePhotoTaking'

/**
 * A photo of the sewn row beside the drawings, turned and enlarged: a person reads it, nothing else does. It
 * goes with the row.
 */
const photo = defineModel<string | null>({ required: true })
const { clothHex } = defineProps<{ clothHex: string | null }>()
const { take, problem, busy, failed } = usePhotoTaking(() => clothHex)
const { url } = usePhotoUrl(() => photo.value)
const quarterTurns = ref(0)
const times = ref(1)
const MOST_TIMES = 6
async function add(file: File): Promise<void> {
  const id = await take(file)
  if (id === null) return
  photo.value = id
  quarterTurns.value = 0
  times.value = 1
}
const turn = computed(() => `rotate(${90 * quarterTurns.value}deg)`)
</script>

<template>
  <div class="photo">
    <div
      v-if="url"
      class="frame"
      tabindex="0"
      role="group"
      aria-label="Photo of the row: scroll to move it"
    >
      <img
        :src="url"
        alt="The row as it was sewn"
        :style="{ width: `${100 * times}%`, transform: turn }"
      />
    </div>
    <div class="presses">
      <FileButton
        accept="image/*"
        icon="i-lucide-camera"
        :label="url ? 'Another photo' : 'Photo beside the drawings'"
        :about="url ? 'Another photo of this row' : 'Photo beside the drawings of this row'"
        :disabled="busy"
        @file="add"
      />
      <template v-if="url">
        <UButton
          variant="outline"
          color="neutral"
          icon="i-lucide-rotate-cw"
          aria-label="Turn the photo"
          @click="
            () => {
              quarterTurns += 1
            }
          "
        />
        <UButton
          variant="outline"
          color="neutral"
          icon="i-lucide-zoom-out"
          aria-label="Make the photo smaller"
          :disabled="times <= 1"
          @click="
            () => {
              times = Math.max(1, times / 1.5)
            }
          "
        />
        <UButton
          variant="outline"
          color="neutral"
          icon="i-lucide-zoom-in"
          aria-label="Make the photo larger"
          :disabled="times >= MOST_TIMES"
          @click="
            () => {
              times = Math.min(MOST_TIMES, times * 1.5)
            }
          "
        />
        <UButton
          variant="outline"
          color="neutral"
          icon="i-lucide-x"
          aria-label="Take the photo out"
          @click="
            () => {
              photo = null
            }
          "
        />
      </template>
    </div>
    <AskFault
      v-if="failed"
      :what="`The photo ${failed.file.name}`"
      :fault="failed.fault"
      @again="add(failed.file)"
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
  </div>
</template>

<style scoped>
.photo {
  display: grid;
  gap: 6px;
  align-content: start;
}
.frame {
  height: 220px;
  overflow: auto;
  border: 1.5px solid var(--line-strong);
  border-radius: 9px;
  background: var(--white);
}
img {
  max-width: none;
  transform-origin: center;
}
.presses {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
