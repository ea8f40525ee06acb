<script setup lang="ts">
/** The rows were sewn with another setup: no number is told before a person says how to go on. */
const trial = useTrialStore()
const stitchChanged = computed(() => trial.changes.some(({ stitch }) => stitch))
</script>

<template>
  <section
    class="other"
    aria-label="Changed since the rows were sewn"
  >
    <p class="word"><UIcon name="i-lucide-triangle-alert" /> These rows were sewn with another setup</p>
    <ul>
      <li
        v-for="{ what } in trial.changes"
        :key="what"
      >
        {{ what }}
      </li>
    </ul>
    <p>Rows of two setups do not compare. How do you go on?</p>
    <p v-if="stitchChanged">
      <b>Check the dial:</b> many machines reset the tension when the stitch changes.
    </p>
    <div class="buttons">
      <UButton
        label="New strip"
        icon="i-lucide-scissors"
        @click="trial.begin(new Date())"
      />
      <UButton
        variant="outline"
        label="Go on with the old one"
        @click="trial.goOn()"
      />
      <span class="hint">Its rows stay to look at and no longer count.</span>
    </div>
  </section>
</template>

<style scoped>
.other {
  display: grid;
  gap: 8px;
  padding: 12px 16px;
  background: var(--close-bg);
  border: 1.5px solid var(--weld);
  border-radius: 12px;
  color: var(--ink);
}
.word {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 18px;
  font-weight: 700;
}
.other ul {
  padding-left: 20px;
  list-style: disc;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
</style>
