<script setup lang="ts">
import { isLoadFailure } from '~/asking/loadFailure'

/** What stands where there is no page: nothing of the book is touched by it. */
const { error } = defineProps<{ error: { readonly statusCode: number; readonly message: string } }>()
const isMissing = computed(() => error.statusCode === 404)
const isUnloaded = computed(() => isLoadFailure(error) || isLoadFailure(new Error(error.message)))
const reload = () => location.reload()
const back = () => clearError({ redirect: '/' })
useHead({ title: () => (isMissing.value ? 'No such page' : 'Something went wrong') })
</script>

<template>
  <main class="error">
    <UCard class="grid gap-3">
      <h1>{{ isMissing ? 'There is no such page' : 'Something went wrong' }}</h1>
      <p v-if="isMissing">No page has this address. Your book is as you left it.</p>
      <p v-else-if="isUnloaded">
        A part of the app did not load. Your book is as you left it. Reload the page once the server answers.
      </p>
      <p v-else>Your book is as you left it, in this browser. What went wrong: {{ error.message }}</p>
      <div class="flex gap-2">
        <UButton
          v-if="isUnloaded"
          size="lg"
          @click="reload"
        >
          Reload: your work is kept
        </UButton>
        <UButton
          :variant="isUnloaded ? 'outline' : 'solid'"
          size="lg"
          @click="back"
        >
          To Width and swing
        </UButton>
      </div>
    </UCard>
  </main>
</template>

<style scoped>
.error {
  min-height: 100dvh;
  display: grid;
  place-content: center;
  padding: 16px;
}
</style>
