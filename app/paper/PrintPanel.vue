<script setup lang="ts">
import { CHECK_LINES } from '#core/paper'
import type { Print } from './print'
import { useSheetFiles } from './useSheetFiles'

/** Sheets at true size as files, on the paper one has: the same panel wherever something is printed. */
const {
  label,
  heading,
  prints,
  align = 'start',
} = defineProps<{
  /** What the button that opens it says. */
  label: string
  heading: string
  prints: readonly Print[]
  /** @defaultValue 'start' */
  align?: 'start' | 'end'
}>()
const { paper, save, failed } = useSheetFiles()
const open = ref(false)
</script>

<template>
  <PopPanel
    v-model:open="open"
    :label="label"
    :align="align"
  >
    <template #default="{ toggle, opened }">
      <UButton
        variant="outline"
        icon="i-lucide-printer"
        :label="label"
        v-bind="opened"
        @click="toggle"
      />
    </template>
    <template #content>
      <h2 class="serif text-xl mb-2">{{ heading }}</h2>
      <div class="grid gap-3">
        <PaperField v-model="paper" />
        <template
          v-for="(print, i) in prints"
          :key="print.label"
        >
          <slot :name="print.name" />
          <UButton
            :variant="i === 0 ? 'solid' : 'outline'"
            icon="i-lucide-file-down"
            :label="print.label"
            :disabled="print.disabled"
            @click="save(print)"
          />
        </template>
        <AskFault
          v-if="failed"
          :what="failed.print.label"
          :fault="failed.fault"
          @again="save(failed.print)"
        />
        <p class="hint">
          Print at 100 %, not fitted to the page. Each page has a line that must measure
          {{ CHECK_LINES[paper].words }}.
        </p>
      </div>
    </template>
  </PopPanel>
</template>
