<script setup lang="ts">
import { isTrouble, STORAGE_WORDS } from '~/stores/book/storage'

/** Where the work stands with storage, on every page; what is to be done about it, `StorageNotice` says. */
const book = useBookStore()
const trouble = computed(() => isTrouble(book.storage))
const icon = computed(() => {
  if (trouble.value) return 'i-lucide-hard-drive'
  return book.storage === 'saved' ? 'i-lucide-check' : 'i-lucide-ellipsis'
})
</script>

<template>
  <p
    role="status"
    aria-live="off"
    aria-label="Storage"
    class="saved"
    :class="{ 'strikes-ink': trouble }"
  >
    <UIcon
      :name="icon"
      aria-hidden="true"
    />
    <span>{{ STORAGE_WORDS[book.storage] }}</span>
  </p>
</template>

<style scoped>
.saved {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 28px;
  padding: 4px 10px 0;
  color: var(--mute);
  font-size: 14px;
  line-height: 1.2;
}
.iconify {
  flex: none;
}
/* Where there is no room for words the icon stands for them; trouble is also said above the station. */
@media (max-width: 1150px) {
  .saved {
    justify-content: center;
    min-height: 26px;
    padding: 2px 0 0;
  }
  .saved span:not(.iconify) {
    position: absolute;
    clip-path: inset(50%);
    width: 1px;
    height: 1px;
    overflow: hidden;
  }
  .iconify {
    font-size: 18px;
  }
}
@media (max-width: 640px) {
  .saved {
    flex: 0 0 36px;
    min-height: 52px;
  }
}
</style>
