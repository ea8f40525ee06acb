<script setup lang="ts">
/**
 * Under the handwheel: the caution, whether exactly this was turned through by hand, and the press that
 * logs it.
 */
const handWalks = useHandWalksStore()
const { hindrance, log, walkedOn } = useHandWalk()
</script>

<template>
  <div class="walk">
    <p class="caution">
      <UIcon
        name="i-lucide-hand"
        class="hand"
      />
      <span
        ><b>On your machine:</b> its own manual first. Glasses on, handwheel toward you, the whole repeat;
        then sew slowly, then faster.</span
      >
    </p>
    <p
      v-if="hindrance"
      class="hint strikes-ink"
    >
      {{ hindrance }}
    </p>
    <p
      v-else-if="handWalks.latest"
      class="walked clear-ink"
      role="status"
    >
      <UIcon name="i-lucide-check" /> Turned through {{ walkedOn }}, with this setup
    </p>
    <p
      v-else
      class="hint"
    >
      Not yet turned through with this setup.
    </p>
    <UButton
      v-if="!handWalks.latest"
      class="log"
      label="I turned this through by hand"
      :disabled="hindrance !== null"
      @click="log"
    />
  </div>
</template>

<style scoped>
.walk {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  justify-content: space-between;
  margin-top: 8px;
  padding-top: 8px;
  border-top: 1px solid var(--line);
}
.walk .hint {
  flex: 1;
  min-width: 150px;
}
.caution {
  flex: 1 0 100%;
  display: flex;
  gap: 8px;
  font-size: 14.5px;
  line-height: 1.3;
}
.hand {
  flex: none;
  font-size: 20px;
  color: var(--weld-text);
  margin-top: 2px;
}
.log {
  flex: none;
}
.walked {
  display: flex;
  align-items: center;
  gap: 6px;
  font-weight: 650;
}
</style>
