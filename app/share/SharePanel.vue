<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { isLoadFailure } from '~/asking/loadFailure'
import { download } from '~/utils/download'
import { fileNameOf } from '~/utils/fileName'
import { type Shared, useShare } from './useShare'

/** A link that holds a record with all it needs, or the same as a file. */
const { shared, name } = defineProps<{
  shared: Shared
  /** What it is called. */
  name: string
}>()
const { linkOf, fileOf } = useShare()
const link = ref('')
const { copy, copied } = useClipboard({ legacy: true })
const isGone = ref(false)
async function make(): Promise<void> {
  isGone.value = false
  try {
    link.value = await linkOf(shared)
  } catch (error) {
    if (!isLoadFailure(error)) throw error
    isGone.value = true
  }
}
onMounted(make)
/** Longer links are cut off by some programs that carry them. A guess. */
const LONG_LINK = 2000
const isLong = computed(() => link.value.length > LONG_LINK)
async function save(): Promise<void> {
  download(`${fileNameOf(name)}-share.json`, 'application/json', await fileOf(shared))
}
</script>

<template>
  <AskFault
    v-if="isGone"
    what="The link"
    fault="not-loaded"
    @again="make"
  />
  <div
    v-else
    class="share"
  >
    <p class="hint">
      The link holds all of it, with what it needs: nothing is sent. Who opens it sees what it is before
      anything is kept. Photos stay here.
    </p>
    <UFormField label="Link">
      <UInput
        :model-value="link"
        readonly
      />
    </UFormField>
    <p
      v-if="isLong"
      class="close-ink"
    >
      It is long: some programs cut such links off. The file is safer.
    </p>
    <div class="flex flex-wrap gap-2">
      <UButton
        icon="i-lucide-copy"
        :label="copied ? 'Copied' : 'Copy the link'"
        :disabled="link === ''"
        @click="
          () => {
            void copy(link)
          }
        "
      />
      <UButton
        variant="outline"
        icon="i-lucide-file-down"
        label="Save as a file"
        @click="save"
      />
    </div>
  </div>
</template>

<style scoped>
.share {
  display: grid;
  gap: 10px;
  width: min(360px, 92vw);
  padding: 14px;
}
</style>
