<script setup lang="ts">
import type { Construction } from '#core/needle'
import type { StartSettings } from '#core/pairing'
import { asSentence } from '#core/units'
import { dialledIn } from '#shared/job'
import { SOURCE_CHIPS } from '~/utils/sourceChips'

/** Numbers to begin a trial with, each with all that speaks for it, and one press that dials them all in. */
const { start, construction } = defineProps<{ start: StartSettings; construction: Construction }>()
const inHand = useInHandStore()
const own = useStartStore()
const place = useWorkplace()
const settled = computed(() => {
  const { setup } = inHand
  return dialledIn(setup, start, place.value)
})
/** Of a needle that is only looked at nothing is dialled in. */
const isFitted = computed(() => inHand.parts.needle?.construction === construction)
</script>

<template>
  <UCard
    as="section"
    aria-label="Start settings"
  >
    <header>
      <h2>Where to start</h2>
      <UButton
        v-if="isFitted"
        size="sm"
        variant="outline"
        label="Dial in"
        @click="inHand.update('Dial in the start settings', settled.setup)"
      />
      <span
        v-else
        class="hint"
        >with a {{ construction }} needle in</span
      >
    </header>
    <AskFault
      v-if="own.fault"
      what="What your own swatches say"
      :fault="own.fault"
      @again="own.again"
    />
    <dl class="rows">
      <template
        v-for="{ name, to, source, why, missing } in settled.settings"
        :key="name"
      >
        <dt>{{ name }}</dt>
        <dd>
          <b>{{ to }}</b>{{ ' '
          }}<SourceChip
            :of="SOURCE_CHIPS[source]"
            :about="name"
          >
            <p>{{ asSentence(why) }}</p>
            <p
              v-for="other in name === 'Tension' ? start.tension.others : []"
              :key="other.source"
            >
              <b>{{ other.text }}</b> {{ SOURCE_CHIPS[other.source] }}: {{ other.why }}.
            </p>
          </SourceChip>
          <span
            v-if="missing"
            class="hint missing"
            >{{ missing }}</span
          >
        </dd>
      </template>
    </dl>
  </UCard>
</template>

<style scoped>
.rows {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 10px;
  font-size: 14.5px;
  line-height: 1.25;
}
dt {
  color: var(--mute);
  font-size: 14px;
}
/* The chips below each other each have room for a finger. */
dd {
  min-height: 41px;
}
dd .hint {
  display: block;
  font-size: 14px;
}
dd .missing {
  color: var(--weld-text);
}
</style>
