<script setup lang="ts">
/**
 * One stop of the line-up. A button of our own: it draws spools, cuts names but never numbers, and gives
 * way in three steps as the line gets short, which is the heart of the frame.
 */
const {
  title,
  main,
  sub,
  isName = false,
} = defineProps<{
  title: string
  main: string
  sub: string
  /** A name may be cut where there is no room; a number never is. @defaultValue false */
  isName?: boolean
}>()
/** A number is never cut: the stop grows by what it needs. */
const hasNumber = computed(() => /\d/.test(sub))
const open = ref(false)
provide(closePickerKey, () => {
  open.value = false
})
</script>

<template>
  <PopPanel
    v-model:open="open"
    :label="title"
    :class="isName ? 'name' : 'number'"
  >
    <template #default="{ toggle, opened }">
      <UButton
        variant="ghost"
        color="neutral"
        class="stop"
        v-bind="opened"
        @click="toggle"
      >
        <span class="sr-only">{{ title }}: </span>
        <slot name="picture" />
        <span class="words"
          ><b>{{ main }}</b
          ><em :class="{ whole: hasNumber }">{{ sub }}</em></span
        >
      </UButton>
    </template>
    <template #content>
      <slot />
    </template>
  </PopPanel>
</template>

<style scoped>
.stop {
  position: relative;
  flex: 0 1 auto;
  min-width: 0;
  min-height: 52px;
  display: flex;
  align-items: center;
  gap: 5px;
  padding: 5px 6px;
  text-align: left;
  line-height: 1.2;
  background: var(--cloth);
  border: 1.5px solid var(--line-strong);
  border-radius: 12px;
  cursor: pointer;
}
.stop:hover {
  border-color: var(--mulberry);
}
.words {
  min-width: 0;
}
.stop b {
  display: block;
  font-size: 14px;
  font-weight: 650;
  max-width: 15ch;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.stop em {
  display: block;
  font-style: normal;
  font-weight: 450;
  color: var(--mute);
  font-size: 14px;
  width: 0;
  min-width: 100%;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.stop em.whole {
  width: auto;
  min-width: max-content;
}
.anchor:has(.whole),
.anchor:has(.whole) :is(.stop, .words) {
  min-width: min-content;
}
/* A name runs over two lines before it is cut; a short name leaves its words room. */
@media (min-width: 1151px) {
  .words:not(:has(.whole))::after {
    content: '';
    display: block;
    width: 10ch;
  }
  .name .stop b {
    white-space: normal;
    display: -webkit-box;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
    line-height: 1.1;
  }
}
@media (max-width: 1150px) and (min-width: 641px) {
  .stop {
    padding: 4px 5px;
  }
  /* No word is broken: the line-up scrolls before that. */
  .anchor,
  .stop,
  .words {
    min-width: min-content;
  }
  .stop b {
    font-size: 14px;
    line-height: 1.15;
    white-space: normal;
    overflow-wrap: break-word;
    display: -webkit-box;
    -webkit-line-clamp: 3;
    -webkit-box-orient: vertical;
  }
  .stop em {
    display: none;
  }
}
@media (max-width: 640px) {
  .stop {
    flex: none;
  }
}
</style>
