<script setup lang="ts">
import type { WalkStep } from '#core/walk'
import { SCHOOL_WORDS } from '../walkSchools'

/** One step in large type, to read from the machine. */
const { step, number, of, done, hindrance, timer } = defineProps<{
  step: WalkStep
  number: number
  of: number
  done: boolean
  /** Why it may not be ticked; null: it may. */
  hindrance: string | null
  /** What the hands-off timer does; empty: it is off. */
  timer: string
}>()
const emit = defineEmits<{ back: []; next: []; untick: [] }>()
</script>

<template>
  <UCard
    as="section"
    class="step"
    aria-label="This step"
  >
    <p class="count hint">
      Step {{ number }} of {{ of
      }}<span
        v-if="done"
        class="clear-ink"
        ><UIcon name="i-lucide-check" /> done</span
      ><span v-if="timer">{{ timer }}</span>
    </p>
    <div class="body">
      <div class="words">
        <h2
          class="instruction serif"
          aria-live="polite"
        >
          {{ step.instruction }}
        </h2>
        <p
          v-if="step.why"
          class="why"
        >
          {{ step.why }}
        </p>
        <p
          v-if="step.school"
          class="hint"
        >
          Your choice: {{ SCHOOL_WORDS[step.school] }}. Change it under Sewists differ.
        </p>
      </div>
      <StepPicture
        :picture="step.picture"
        class="picture"
      />
    </div>
    <p
      v-if="step.caution"
      class="caution"
    >
      <UIcon
        name="i-lucide-triangle-alert"
        class="sign"
      /><span>{{ step.caution }}</span>
    </p>
    <p
      v-if="hindrance"
      role="alert"
      class="strikes-ink"
    >
      {{ hindrance }}
    </p>
    <div class="buttons">
      <UButton
        variant="outline"
        icon="i-lucide-chevron-left"
        label="Back"
        class="big"
        :disabled="number === 1"
        @click="emit('back')"
      />
      <UButton
        v-if="done && number === of"
        to="/card"
        trailing-icon="i-lucide-chevron-right"
        label="To the bench card"
        class="big main"
      />
      <UButton
        v-else
        trailing-icon="i-lucide-chevron-right"
        :label="done ? 'Next' : 'Done, next'"
        class="big main"
        :disabled="hindrance !== null"
        @click="emit('next')"
      />
      <UButton
        v-if="done"
        variant="ghost"
        label="Not done after all"
        class="big"
        @click="emit('untick')"
      />
    </div>
    <p class="hint keys">Keys: → done and next, ← back</p>
  </UCard>
</template>

<style scoped>
.step {
  display: flex;
  flex-direction: column;
  padding: 14px 22px 12px;
  min-height: calc(100dvh - 156px);
}
.count {
  display: flex;
  gap: 14px;
  font-size: 16px;
  min-height: 24px;
}
.count .clear-ink {
  display: inline-flex;
  align-items: center;
  gap: 4px;
  font-weight: 650;
}
.body {
  display: flex;
  flex-direction: column;
  gap: 14px;
  flex: 1;
}
.instruction {
  font-size: 36px;
  line-height: 1.14;
  margin: 4px 0 8px;
  text-wrap: pretty;
}
.why {
  font-size: 20px;
  margin-bottom: 4px;
}
.picture {
  flex: 1 1 0;
  width: 100%;
  max-height: 430px;
  min-height: 170px;
  background: var(--cloth);
  border: 1.5px solid var(--line);
  border-radius: 12px;
}
.caution {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 10px 14px;
  margin: 10px 0;
  background: var(--close-bg);
  border: 1.5px solid var(--weld);
  border-radius: 12px;
  font-size: 18px;
  font-weight: 600;
  color: var(--ink);
}
.sign {
  font-size: 26px;
  flex: none;
  color: var(--weld-text);
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-top: 12px;
}
.big {
  min-height: 64px;
  font-size: 20px;
  padding: 0 22px;
}
.main {
  flex: 1;
  justify-content: center;
}
.keys {
  margin-top: 8px;
}
@media (max-width: 1150px) {
  .instruction {
    font-size: 31px;
  }
}
@media (max-width: 640px) {
  .step {
    padding: 10px 14px;
    min-height: 0;
  }
  .instruction {
    font-size: 26px;
    margin-bottom: 6px;
  }
  .why {
    font-size: 17px;
    margin-bottom: 4px;
  }
  .picture {
    max-height: 190px;
  }
  .caution {
    font-size: 16px;
    margin: 8px 0;
  }
  .keys {
    display: none;
  }
}
/* On a phone on its side the next press stays in view. */
@media (max-height: 500px) {
  .step {
    min-height: 0;
    padding: 8px 14px;
  }
  .instruction {
    font-size: 24px;
    margin: 0;
  }
  .why {
    font-size: 16px;
  }
  .picture {
    min-height: 110px;
    max-height: 150px;
  }
  .keys {
    display: none;
  }
  .buttons {
    position: sticky;
    bottom: 0;
    padding: 6px 0;
    background: var(--white);
  }
}
</style>
