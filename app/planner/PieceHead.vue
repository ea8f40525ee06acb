<script setup lang="ts">
import { MOST_NAME, MOST_NOTE } from '#shared/fields'

/** Name, copies and note of the piece in hand. */
const name = defineModel<string>('name', { required: true })
const copies = defineModel<number>('copies', { required: true })
const note = defineModel<string>('note', { required: true })
const { title, sharedId, nameProblem } = defineProps<{
  /** What it is called while it has no name. */
  title: string
  /** null: it is not begun yet. */
  sharedId: string | null
  /** Empty: none. */
  nameProblem: string
}>()
const emit = defineEmits<{ another: [] }>()
const book = useBookStore()
const inHand = useInHandStore()
const clothHex = computed(() => book.shelf.cloths.get(inHand.setup.clothId ?? '')?.hex ?? null)
function setPhoto(side: 'front' | 'back', id: string | null): void {
  const photos = { ...inHand.piece.photos, [side]: id }
  void inHand.change(id === null ? 'Take the photo out' : 'Add a photo', { photos })
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Piece"
    class="piece"
  >
    <TextField
      v-model="name"
      label="Name of the piece"
      :error="nameProblem || undefined"
      class="name"
      :most="MOST_NAME"
      :placeholder="title"
    />
    <NumberField
      v-model="copies"
      label="Copies"
      limit="copies"
      whole
      class="copies"
    />
    <TextField
      v-model="note"
      label="Note"
      class="note"
      :most="MOST_NOTE"
    />
    <div class="acts">
      <ShareButton
        v-if="sharedId"
        :shared="{ table: 'pieces', id: sharedId }"
        :name="title"
      />
      <UButton
        variant="ghost"
        icon="i-lucide-plus"
        label="New piece"
        @click="emit('another')"
      />
      <UButton
        variant="ghost"
        icon="i-lucide-list"
        label="All pieces"
        to="/pieces"
      />
    </div>
    <PhotoPair
      v-if="sharedId"
      :photos="inHand.piece.photos"
      :of="title"
      :cloth-hex="clothHex"
      class="photos"
      @change="(side, id) => setPhoto(side, id)"
    />
    <p class="hint">
      <template v-if="sharedId">Everything you change is kept.</template>
      <template v-else>Kept from its first change.</template>
    </p>
  </UCard>
</template>

<style scoped>
.piece {
  display: grid;
  grid-template-columns: 1fr 84px;
  gap: 8px 10px;
}
.note,
.photos,
.acts,
.piece > p {
  grid-column: 1 / -1;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
