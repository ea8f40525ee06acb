<script setup lang="ts">
import { LateConflictList } from '~/asking/lateParts'

/**
 * What does not go together on the machine now: a count in the line-up that opens the list with its mends.
 */
const { rows } = useSetupReasons()
const open = ref(false)
const look = computed(() => rows.value[0]?.look ?? null)
/** How many are as grave as the gravest: the word beside it speaks of these. */
const worst = computed(() => rows.value.filter(({ severity }) => severity === rows.value[0]!.severity).length)
const label = computed(() => {
  const count = (wanted: string) => rows.value.filter(({ severity }) => severity === wanted).length
  const first = `${worst.value} ${look.value?.word ?? ''}`
  const counts = `${count('stop')} to stop for, ${count('mind')} to check, ${count('note')} to note`
  return `Conflicts: ${first}; ${counts}`
})
</script>

<template>
  <PopPanel
    v-if="look"
    v-model:open="open"
    label="Conflicts"
    align="end"
  >
    <template #default="{ toggle, opened }">
      <UButton
        variant="ghost"
        color="neutral"
        class="count"
        v-bind="opened"
        :aria-label="label"
        :style="{ color: look.ink, background: look.bg, borderColor: look.edge }"
        @click="toggle"
      >
        <UIcon
          :name="look.icon"
          class="sign"
        /><b>{{ worst }}</b> <span class="stop-word">{{ look.word }}</span>
      </UButton>
    </template>
    <template #content>
      <h2 class="serif text-xl mb-2">What does not go together</h2>
      <LateConflictList />
    </template>
  </PopPanel>
</template>

<style scoped>
.count {
  display: flex;
  align-items: center;
  gap: 5px;
  min-height: 46px;
  padding: 0 10px;
  border: 1.5px solid;
  border-radius: 12px;
  cursor: pointer;
  line-height: 1.1;
}
.sign {
  font-size: 16px;
}
.count span {
  font-size: 14px;
}
</style>
