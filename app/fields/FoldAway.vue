<script setup lang="ts">
/** What need not be seen at once, behind its title. */
const open = defineModel<boolean>('open', { default: false })
const { title } = defineProps<{ title: string }>()
</script>

<template>
  <UCollapsible
    v-model:open="open"
    class="w-full"
  >
    <UButton
      variant="ghost"
      color="neutral"
      size="sm"
      :label="title"
      class="-ms-2.5 text-start text-muted"
      :icon="open ? 'i-lucide-chevron-down' : 'i-lucide-chevron-right'"
    />
    <template #content>
      <slot />
    </template>
  </UCollapsible>
</template>
