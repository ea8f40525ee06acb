<script setup lang="ts">
import { dayOf } from '~/utils/dates'

/** What to clean on the machine of the piece in hand, where to look, and when it was last done. */
const care = useCareStore()
/** Where to look for one of the prompts; the others fold. */
const opened = ref<number | null>(0)
const dayWords = (moment: string | null | undefined) => (moment ? dayOf(moment) : 'not noted')
</script>

<template>
  <UCard
    as="section"
    aria-label="Clean and oil"
  >
    <header>
      <h2>{{ care.machine ? `Clean ${care.machine.name}` : 'Clean and oil' }}</h2>
    </header>
    <template v-if="care.machine">
      <ul
        v-if="care.prompts.length > 0"
        class="prompts"
      >
        <li
          v-for="(prompt, i) in care.prompts"
          :key="prompt.code"
        >
          <FoldAway
            :open="i === opened"
            :title="prompt.message"
            @update:open="isOpen => (opened = isOpen ? i : null)"
          >
            <ul>
              <li
                v-for="place in prompt.look"
                :key="place"
              >
                {{ place }}
              </li>
            </ul>
          </FoldAway>
        </li>
      </ul>
      <p
        v-else
        role="status"
        class="clear-ink"
      >
        Nothing asks for it.
      </p>
      <p class="hint">
        Cleaned: {{ dayWords(care.onMachine?.cleanedAt) }}. Oiled:
        {{ care.machine.sealed ? 'never by you' : dayWords(care.onMachine?.oiledAt) }}. Switch off first; the
        machine’s own manual comes first.
      </p>
      <div class="buttons">
        <UButton
          variant="outline"
          icon="i-lucide-brush"
          label="Cleaned now"
          @click="care.cared('cleanedAt', new Date())"
        />
        <UButton
          v-if="care.machine.sealed !== true"
          variant="outline"
          icon="i-lucide-droplet"
          label="Oiled now"
          @click="care.cared('oiledAt', new Date())"
        />
      </div>
    </template>
    <p
      v-else
      class="hint"
    >
      Choose the machine first.
    </p>
  </UCard>
</template>

<style scoped>
.prompts > li {
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.prompts > li:first-child {
  border-top: 0;
}
.prompts ul {
  list-style: disc;
  padding-left: 20px;
  font-size: 15px;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}
</style>
