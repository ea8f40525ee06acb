<script setup lang="ts">
/** One button of the rail where there is little room: it opens what it stands for. */
const {
  name,
  icon,
  isHere = false,
  align = undefined,
} = defineProps<{
  name: string
  icon: string
  /** Whether the page belongs to it. @defaultValue false */
  isHere?: boolean
  align?: 'end'
}>()
const open = defineModel<boolean>('open', { required: true })
</script>

<template>
  <PopPanel
    v-model:open="open"
    :label="name"
    :align="align"
  >
    <template #default="{ toggle, opened }">
      <UButton
        variant="ghost"
        color="neutral"
        class="tab"
        :class="{ on: isHere }"
        v-bind="opened"
        @click="toggle"
      >
        <UIcon :name="icon" />
        {{ name }}
      </UButton>
    </template>
    <template #content><slot /></template>
  </PopPanel>
</template>

<style scoped>
.tab {
  display: grid;
  place-items: center;
  align-content: center;
  width: 100%;
  min-height: 52px;
  font-size: 14px;
  font-weight: 600;
  cursor: pointer;
}
.tab .iconify {
  font-size: 20px;
}
.tab.on {
  box-shadow: inset 0 -3px 0 var(--mulberry);
  font-weight: 700;
}
@media (max-width: 1150px) and (min-width: 641px) {
  .tab {
    display: flex;
    justify-content: flex-start;
    gap: 6px;
    min-height: 44px;
    padding: 2px 4px;
    font-weight: 500;
  }
}
</style>
