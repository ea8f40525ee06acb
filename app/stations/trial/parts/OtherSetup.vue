<script setup lang="ts">
/** A strip of another setup is open: its rows tell nothing here, and it waits for its own setup. */
const trial = useTrialStore()
const changes = computed(() => trial.other?.changes ?? [])
const stitchChanged = computed(() => changes.value.some(({ stitch }) => stitch))
</script>

<template>
  <section
    class="other"
    aria-label="Changed since the rows were sewn"
  >
    <p class="word"><UIcon name="i-lucide-triangle-alert" /> Your open strip was sewn with another setup</p>
    <ul>
      <li
        v-for="{ what } in changes"
        :key="what"
      >
        {{ what }}
      </li>
    </ul>
    <p>Its rows do not count here. With its own setup back on, the strip is here again.</p>
    <p v-if="stitchChanged">
      <b>Check the dial:</b> many machines reset the tension when the stitch changes.
    </p>
    <div class="buttons">
      <UButton
        variant="outline"
        label="Go on with that strip here"
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
