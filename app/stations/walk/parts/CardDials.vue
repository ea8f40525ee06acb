<script setup lang="ts">
import type { CardField } from '#core/card'

/** The numbers to dial, as large as they fit: to be read from the machine. */
const { fields, isSmall } = defineProps<{ fields: readonly CardField[]; isSmall: boolean }>()
const plans = usePlannedStore()
/** A plan may still decide another number. */
const isOpen = (id: string) => plans.isPending && id !== 'tension'
/** The longest of the numbers sets the size of all, so that they stand alike. */
const digits = computed(() =>
  Math.max(3, ...fields.map(({ value, instead = '' }) => value.length + instead.length)),
)
</script>

<template>
  <section
    :class="['dials', { small: isSmall }]"
    :style="{ '--digits': digits }"
    aria-label="Dial in"
  >
    <div
      v-for="field in fields"
      :key="field.id"
    >
      <span class="label">{{ field.label }}</span><b v-if="field.instead"
        ><s :aria-label="`not ${field.value}`">{{ field.value }}</s> {{ field.instead }}</b
      ><b v-else>{{ field.value }}</b
      ><span class="note"
        >{{ isOpen(field.id) ? 'being planned …' : field.note }}{{ ' '
        }}<CardSource
          v-if="!isOpen(field.id)"
          :field="field"
      /></span>
    </div>
  </section>
</template>

<style scoped>
.dials {
  flex: 1;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  align-items: center;
  border-block: 2px solid var(--line-strong);
}
.dials > div {
  container-type: inline-size;
  display: grid;
  text-align: center;
  padding: 4px 6px;
  border-left: 2px solid var(--line);
}
.dials > div:first-child {
  border-left: 0;
}
.label {
  font-size: 30px;
  font-weight: 650;
}
.dials b {
  font-size: min(calc(185cqw / var(--digits)), 44dvh);
  line-height: 1;
  font-weight: 650;
  letter-spacing: -0.02em;
}
.dials .note {
  font-size: 28px;
  color: var(--mute);
}
.small {
  flex: 0 1 auto;
}
.small b {
  font-size: min(calc(80cqw / var(--digits)), 24dvh);
}
.small .label,
.small .note {
  font-size: 19px;
}
@media (max-width: 800px) {
  .dials {
    grid-template-columns: minmax(0, 1fr);
  }
  .dials > div {
    grid-template-columns: minmax(0, 1fr) auto;
    text-align: left;
    border-left: 0;
    border-top: 2px solid var(--line);
  }
  .dials > div:first-child {
    border-top: 0;
  }
  .label {
    font-size: 22px;
    align-self: end;
  }
  .dials b,
  .small b {
    grid-area: 1 / 2 / 3 / 3;
    align-self: center;
    font-size: min(calc(90cqw / var(--digits)), 14dvh);
  }
  .small b {
    font-size: min(calc(60cqw / var(--digits)), 9dvh);
  }
  .dials .note,
  .small .note {
    font-size: 17px;
  }
}
</style>
