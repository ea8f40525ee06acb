<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import type { CodeReply } from '#workers/client'

/** Looks through the camera for a code, where the browser has one and lets it be used. */
const { read } = defineProps<{
  /** Takes the picture over: it is gone here afterwards. */
  read: (picture: ImageBitmap) => Promise<CodeReply | null>
}>()
const emit = defineEmits<{ words: [words: string] }>()
const video = useTemplateRef<HTMLVideoElement>('video')
const stream = shallowRef<MediaStream | null>(null)
const problem = ref('')
const canLook = computed(() => Boolean(globalThis.navigator?.mediaDevices?.getUserMedia))
const LOOK_EVERY_MS = 250
/** The view went while the browser still asked whether the camera may be used. */
let isGone = false
onScopeDispose(() => {
  isGone = true
  stop()
})

async function start(): Promise<void> {
  problem.value = ''
  try {
    stream.value = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } })
    await nextTick()
    if (isGone || !video.value) {
      stop()
      return
    }
    video.value.srcObject = stream.value
    await video.value.play()
    resume()
  } catch {
    stop()
    problem.value = 'The camera is not there, or may not be used: take a photo instead.'
  }
}
function stop(): void {
  pause()
  for (const track of stream.value?.getTracks() ?? []) track.stop()
  stream.value = null
}
let isLooking = false
async function look(): Promise<void> {
  const picture = video.value
  if (isLooking || !picture || picture.readyState < picture.HAVE_CURRENT_DATA) return
  isLooking = true
  try {
    const reply = await read(await createImageBitmap(picture))
    if (!reply) stop()
    else if (reply.ok && reply.words !== null && stream.value) {
      stop()
      emit('words', reply.words)
    }
  } finally {
    isLooking = false
  }
}
const { pause, resume } = useIntervalFn(() => void look(), LOOK_EVERY_MS, { immediate: false })
</script>

<template>
  <div
    v-if="canLook"
    class="grid gap-2"
  >
    <UButton
      v-if="!stream"
      variant="outline"
      icon="i-lucide-scan-qr-code"
      label="Scan with the camera"
      class="justify-self-start"
      @click="start"
    />
    <template v-else>
      <video
        ref="video"
        muted
        playsinline
        aria-label="What the camera sees"
      />
      <UButton
        variant="outline"
        label="Stop the camera"
        class="justify-self-start"
        @click="stop"
      />
    </template>
    <p
      v-if="problem"
      class="close-ink"
      role="alert"
    >
      {{ problem }}
    </p>
  </div>
</template>

<style scoped>
video {
  width: 100%;
  max-height: 320px;
  border-radius: 10px;
  background: var(--ink);
  object-fit: cover;
}
</style>
