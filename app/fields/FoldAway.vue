<script setup lang="ts">
/** What need not be seen at once, behind its title: nothing of it is made before it is opened. */
const open = defineModel<boolean>('open', { default: false })
const { title } = defineProps<{ title: string }>()
const id = useId()
function turn(): void {
  open.value = !open.value
}
</script>

<template>
  <div class="w-full">
    <UButton
      variant="ghost"
      color="neutral"
      size="sm"
      :label="title"
      class="-ms-2.5 text-start text-muted"
      :icon="open ? 'i-lucide-chevron-down' : 'i-lucide-chevron-right'"
      :aria-expanded="open"
      :aria-controls="open ? id : undefined"
      @click="turn"
    />
    <div
      v-if="open"
      :id="id"
    >
      <slot />
    </div>
  </div>
</template>
