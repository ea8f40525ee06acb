<script setup lang="ts">
import { dayOf } from '~/utils/dates'

/** Backups that keep themselves, where the browser can. */
const backups = useFolderBackupStore()
const WORDS: Readonly<Record<typeof backups.state, () => string>> = {
  none: () => 'Choose a folder, best one that is copied elsewhere by itself.',
  asleep: () => `The browser wants to be asked again before it writes into “${backups.name}”.`,
  failed: () =>
    `Nothing could be written into “${backups.name}”: is the folder still there, and is there room?`,
  ready: () =>
    backups.writtenAt
      ? `Written into “${backups.name}”: ${dayOf(backups.writtenAt.toISOString())}.`
      : `The next one goes into “${backups.name}”.`,
}
const words = computed(() => WORDS[backups.state]())
</script>

<template>
  <UCard
    as="section"
    aria-labelledby="folder-head"
  >
    <h2 id="folder-head">Backups that keep themselves</h2>
    <p v-if="!backups.isPossible">
      This browser does not write into a folder by itself: export everything now and then.
    </p>
    <template v-else>
      <p>
        Your book is written into a folder a minute after your last change. There is one file a day, without
        photos. No file is ever taken away.
      </p>
      <p
        role="status"
        :class="backups.state === 'failed' ? 'strikes-ink' : 'hint'"
      >
        {{ words }}
      </p>
      <UAlert
        v-if="backups.fuller"
        role="alert"
        color="warning"
        variant="subtle"
        title="Today’s backup holds more"
        :description="
          `It has ${backups.fuller.records} records, the book now has ${backups.fuller.now}. `
          + 'It stays as it is, unless you want the smaller one.'
        "
        :actions="[
          { label: 'Keep it', color: 'primary', onClick: () => backups.leaveFuller() },
          {
            label: 'Write the smaller one, keep this beside it',
            color: 'primary',
            variant: 'outline',
            onClick: () => void backups.writeNow(true),
          },
        ]"
      />
      <div class="buttons">
        <UButton
          v-if="backups.state === 'none'"
          variant="outline"
          icon="i-lucide-folder-open"
          label="Choose a folder"
          @click="backups.choose()"
        />
        <template v-else>
          <UButton
            v-if="backups.state === 'asleep'"
            icon="i-lucide-folder-open"
            label="Allow it again"
            @click="backups.allow()"
          />
          <UButton
            v-else
            variant="outline"
            icon="i-lucide-hard-drive-download"
            label="Write one now"
            @click="backups.writeNow()"
          />
          <UButton
            variant="outline"
            icon="i-lucide-x"
            label="No more"
            @click="backups.forget()"
          />
        </template>
      </div>
    </template>
  </UCard>
</template>
