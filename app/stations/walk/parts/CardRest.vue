<script setup lang="ts">
import type { CardField } from '#core/card'
import { SPEEDS } from '#core/terms'

/** What else is set up, each with its source; the speed is chosen here. */
const { fields, isSmall } = defineProps<{ fields: readonly CardField[]; isSmall: boolean }>()
const inHand = useInHandStore()
const speedsBeside = (ruled: string) => [
  { value: '', label: inHand.setup.speed === null ? `advised: ${ruled}` : 'by the rule' },
  ...SPEEDS.map(value => ({ value, label: value })),
]
function setSpeed(chosen: string): void {
  inHand.update('Choose the speed', { speed: SPEEDS.find(speed => speed === chosen) ?? null })
}
</script>

<template>
  <dl :class="{ small: isSmall }">
    <div
      v-for="field in fields"
      :key="field.id"
      :class="field.id"
    >
      <dt>{{ field.label }}</dt>
      <dd
        v-if="field.id === 'speed'"
        class="chosen"
      >
        <SelectField
          bare
          label="Speed"
          class="choice"
          :model-value="inHand.setup.speed ?? ''"
          :items="speedsBeside(field.value)"
          @update:model-value="setSpeed"
        /><CardSource :field="field" />
      </dd>
      <dd v-else>
        <b>{{ field.value }}</b>{{ ' ' }}
        <span
          v-if="field.note"
          class="note"
          >{{ field.note }}</span><CardSource :field="field" />
      </dd>
    </div>
  </dl>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(270px, 1fr));
  gap: 4px 26px;
}
dl div {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-items: baseline;
  gap: 8px;
}
dt {
  font-size: 19px;
  color: var(--mute);
}
dd {
  font-size: 27px;
  line-height: 1.2;
}
dd b {
  font-weight: 650;
}
dd .note {
  font-size: 19px;
  color: var(--mute);
}
.left dt {
  color: var(--woad);
  font-weight: 700;
}
.right dt {
  color: var(--weld-text);
  font-weight: 700;
}
.chosen {
  display: flex;
  align-items: center;
  gap: 8px;
}
.chosen :deep(.chip) {
  font-size: 19px;
}
.choice {
  width: min(200px, 100%);
}
.choice :deep(button) {
  font-size: inherit;
  font-weight: 650;
}
.small dd {
  font-size: 20px;
}
.small dt,
.small dd .note {
  font-size: 16px;
}
@media (max-width: 800px) {
  dd {
    font-size: 20px;
  }
  dt,
  dd .note {
    font-size: 16px;
  }
  dl {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
