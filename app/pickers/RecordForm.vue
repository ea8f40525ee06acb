<script setup lang="ts">
import type { FieldIssue } from '#shared/fields'

/** What every form of one record has: its fields, what is wrong with them, Save and Cancel. */
const { issues } = defineProps<{ issues: readonly FieldIssue[] }>()
const emit = defineEmits<{ save: []; cancel: [] }>()
</script>

<template>
  <form
    novalidate
    class="grid gap-3"
    @submit.prevent="emit('save')"
  >
    <slot />
    <div>
      <ul
        v-if="issues.length > 0"
        role="alert"
        class="strikes-ink issues"
      >
        <li
          v-for="issue in issues"
          :key="issue.path + issue.message"
        >
          {{ issue.path ? `${issue.path}: ` : '' }}{{ issue.message }}
        </li>
      </ul>
      <div class="flex gap-2 mt-3">
        <UButton
          type="submit"
          label="Save"
          icon="i-lucide-check"
        />
        <UButton
          variant="outline"
          label="Cancel"
          @click="emit('cancel')"
        />
      </div>
    </div>
  </form>
</template>

<style scoped>
.issues {
  margin-top: 10px;
  font-size: 15px;
}
</style>
