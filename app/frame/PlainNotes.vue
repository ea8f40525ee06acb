<script setup lang="ts">
/** The same notes where the kit's did not load: nothing that must be said depends on it. */
const { toasts, remove } = useToast()
</script>

<template>
  <ul
    v-if="toasts.length > 0"
    class="notes"
  >
    <li
      v-for="note in toasts"
      :key="note.id"
      role="status"
    >
      <p>
        <b>{{ note.title }}</b> {{ note.description }}
      </p>
      <div class="flex flex-wrap gap-2">
        <UButton
          v-for="(action, i) in note.actions ?? []"
          :key="i"
          size="sm"
          variant="outline"
          v-bind="action"
        />
        <UButton
          size="sm"
          variant="ghost"
          label="Close"
          @click="remove(note.id)"
        />
      </div>
    </li>
  </ul>
</template>

<style scoped>
.notes {
  position: fixed;
  inset: auto 16px 16px auto;
  z-index: 100;
  display: grid;
  gap: 8px;
  max-width: 384px;
}
.notes li {
  padding: 10px 12px;
  border: 1.5px solid var(--line-strong);
  border-radius: 10px;
  background: var(--white);
}
</style>
