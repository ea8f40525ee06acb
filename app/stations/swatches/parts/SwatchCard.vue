<script setup lang="ts">
import { formatShort } from '#core/units'
import { needleNameAndType } from '#core/needle'
import { GOAL_FACTS } from '#core/trial'
import type { Swatch } from '#shared/records'
import { SOURCE_WORDS } from '#shared/inputs'
import { dayOf } from '~/utils/dates'
import { readingWord } from '~/utils/readingWords'
import { SWATCH_LOOKS } from '../swatchLooks'
import { LateSwatchForm } from '~/asking/lateStationParts'

/** One kept swatch: the number, what it was for, and how it came out. */
const { swatch, chosen } = defineProps<{ swatch: Swatch; chosen: boolean }>()
const emit = defineEmits<{ choose: []; open: []; use: []; remove: [] }>()
const swatches = useSwatchStore()
const isChanging = ref(false)
const look = computed(() => SWATCH_LOOKS[swatch.verdict])
const threads = computed(() =>
  [
    ...new Set(
      [swatch.frozen.threads.left, swatch.frozen.threads.middle, swatch.frozen.threads.right].flatMap(
        thread => thread?.name ?? [],
      ),
    ),
  ].join(' / '),
)
const dots = computed(() => [
  ...new Set(
    [swatch.frozen.threads.left, swatch.frozen.threads.middle, swatch.frozen.threads.right].flatMap(
      thread => thread?.hex ?? [],
    ),
  ),
])
const needle = computed(() => swatch.frozen.needle && needleNameAndType(swatch.frozen.needle))
</script>

<template>
  <UCard
    as="article"
    class="swatch"
    :aria-label="swatch.name"
  >
    <header>
      <h2>{{ swatch.name }}</h2>
      <span
        class="verdict"
        :style="{ color: look.ink, background: look.bg, borderColor: look.edge }"
        ><UIcon :name="look.icon" /> {{ look.word }}</span
      >
    </header>
    <div class="body">
      <UButton
        variant="ghost"
        color="neutral"
        class="picture"
        :aria-label="`Open ${swatch.name} large`"
        @click="emit('open')"
      >
        <SwatchPicture :swatch="swatch" />
      </UButton>
      <div>
        <p class="number">
          <b>{{ swatch.setup.tension === null ? '–' : formatShort(swatch.setup.tension) }}</b>{{ ' ' }}
          <span class="hint"
            >{{
              swatch.frozen.machine?.dial
                ? `normal ${formatShort(swatch.frozen.machine.dial.home)}`
                : 'normal not known'
            }}, {{ SOURCE_WORDS[swatch.source] }}</span
          >
        </p>
        <p>
          <b>{{ GOAL_FACTS[swatch.goal].name }}</b>{{ ' ' }}
          <span class="hint">{{ swatch.frozen.machine?.name ?? 'no machine' }}</span>
        </p>
        <p class="hint">
          {{ swatch.frozen.stitch?.name ?? 'stitch gone' }}, length
          {{ formatShort(swatch.setup.stitch.lengthMm)
          }}{{
            swatch.setup.stitch.widthMm > 0 ? `, width ${formatShort(swatch.setup.stitch.widthMm)}` : ''
          }};
          {{ needle ?? 'no needle' }}
        </p>
        <p class="hint">
          <i
            v-for="hex in dots"
            :key="hex"
            class="dot"
            :style="{ background: hex }"
          />{{ threads || 'no thread' }} on {{ swatch.frozen.cloth?.name ?? 'cloth not noted' }}
        </p>
        <p class="hint">
          Read: {{ readingWord('show', swatch.readings.show) }},
          {{ readingWord('ridge', swatch.readings.ridge) }}{{ swatch.readings.breaks ? ', it broke' : ''
          }}{{ swatch.readings.skips ? ', skips' : '' }}. {{ dayOf(swatch.keptAt) }}
        </p>
        <p
          v-if="swatch.note"
          class="note"
        >
          {{ swatch.note }}
        </p>
      </div>
    </div>
    <LateSwatchForm
      v-if="isChanging"
      :swatch="swatch"
      @done="isChanging = false"
    />
    <PhotoPair
      :photos="swatch.photos"
      :of="swatch.name"
      :cloth-hex="swatch.frozen.cloth?.hex ?? null"
      @change="(side, id) => swatches.setPhoto(swatch.id, side, id)"
    />
    <div class="do">
      <UButton
        size="sm"
        variant="outline"
        label="Use settings"
        :aria-label="`Use settings of ${swatch.name}`"
        icon="i-lucide-arrow-up-to-line"
        @click="emit('use')"
      />
      <UCheckbox
        :model-value="chosen"
        label="Compare"
        :aria-label="`Compare ${swatch.name}`"
        @update:model-value="emit('choose')"
      />
      <IconButton
        class="change"
        icon="i-lucide-pencil"
        tip="Change name, note or verdict"
        :label="`Change name, note or verdict of ${swatch.name}`"
        :aria-expanded="isChanging"
        @click="isChanging = !isChanging"
      />
      <IconButton
        icon="i-lucide-trash-2"
        tip="Delete"
        :label="`Delete ${swatch.name}`"
        @click="emit('remove')"
      />
    </div>
  </UCard>
</template>

<style scoped>
.swatch {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
h2 {
  font-size: 18px;
  line-height: 1.2;
}
.verdict {
  flex: none;
  display: inline-flex;
  align-items: center;
  gap: 5px;
  padding: 2px 9px;
  border: 1.5px solid;
  border-radius: 10px;
  font-weight: 650;
  font-size: 14.5px;
}
.body {
  flex: 1;
  display: grid;
  grid-template-columns: 160px minmax(0, 1fr);
  gap: 12px;
  line-height: 1.3;
}
.picture {
  cursor: zoom-in;
}
.number b {
  font-size: 32px;
  line-height: 1;
  font-weight: 650;
}
.note {
  font-style: italic;
  font-size: 15px;
}
.dot {
  display: inline-block;
  width: 11px;
  height: 11px;
  margin-right: 4px;
  border-radius: 50%;
  border: 1px solid var(--line-strong);
  vertical-align: -1px;
}
.do {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 8px;
}
.change {
  margin-left: auto;
}
</style>
