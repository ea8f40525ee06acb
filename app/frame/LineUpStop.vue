<script setup lang="ts">
import { askedStop, type StopTitle } from './askedStop'

/**
 * One stop of the line-up. A button of our own: it draws spools and stitches, and lets a name run over two
 * lines, which is the heart of the frame. Nothing is cut.
 */
const {
  title,
  main,
  sub,
  isTitle = false,
  isDialled = false,
  isName = false,
  isRest = false,
} = defineProps<{
  title: StopTitle
  main: string
  sub: string
  /** What the piece is called. @defaultValue false */
  isTitle?: boolean
  /** A number one dials. @defaultValue false */
  isDialled?: boolean
  /** A name: it may run over two lines. @defaultValue false */
  isName?: boolean
  /** Folded away on a phone until the rest is opened, as names are. @defaultValue false */
  isRest?: boolean
}>()
const kinds = computed(() => ({
  title: isTitle,
  dialled: isDialled,
  name: isName,
  rest: isRest,
}))
const open = ref(false)
watch(askedStop, asked => {
  if (asked !== title) return
  askedStop.value = null
  open.value = true
})
provide(closePickerKey, () => {
  open.value = false
})
</script>

<template>
  <PopPanel
    v-model:open="open"
    :label="title"
    :class="kinds"
  >
    <template #default="{ toggle, opened }">
      <UButton
        variant="ghost"
        color="neutral"
        class="stop"
        :class="kinds"
        v-bind="opened"
        @click="toggle"
      >
        <span class="sr-only">{{ title }}: </span>
        <slot name="picture" />
        <span class="words"
          ><b>{{ main }}</b
          ><em>{{ sub }}</em></span
        >
        <UIcon
          v-if="isTitle"
          name="i-lucide-chevron-down"
        />
      </UButton>
    </template>
    <template #content>
      <slot />
    </template>
  </PopPanel>
</template>

<style scoped>
.stop {
  min-width: min-content;
  min-height: 46px;
  display: flex;
  align-items: center;
  gap: 5px;
  padding: 3px 7px;
  text-align: left;
  line-height: 1.15;
  background: var(--cloth);
  border: 1.5px solid var(--line-strong);
  border-radius: 12px;
  cursor: pointer;
}
.stop:hover {
  border-color: var(--mulberry);
}
.words {
  min-width: min-content;
}
.stop b {
  display: block;
  font-size: 14px;
  font-weight: 650;
}
.stop em {
  display: block;
  font-style: normal;
  font-weight: 450;
  color: var(--mute);
  font-size: 13px;
  white-space: nowrap;
}
.stop.dialled {
  border-color: var(--mulberry);
}
.stop.dialled b {
  font-size: 17px;
  white-space: nowrap;
}
.stop.title,
.stop.title .words {
  min-width: 0;
}
.stop.title {
  border-color: transparent;
  background: none;
  padding-left: 2px;
}
.stop.title b {
  font-family: var(--font-serif);
  font-size: 20px;
  font-weight: 400;
  line-height: 1.1;
}
@media (max-width: 640px), (max-height: 500px) {
  .stop.title b {
    font-size: 17px;
  }
}
</style>
