<script setup lang="ts">
import type { TableColumn } from '@nuxt/ui'
import { needleSizeLabel } from '#core/needle'
import { compareModels, PRACTICE, type ThreadClass } from '#core/pairing'
import { FIT_LOOKS } from '~/utils/fit'

type Row = ReturnType<typeof compareModels>[number]
const NUMBER = { class: { th: 'text-right', td: 'text-right whitespace-nowrap' } }
const COLUMNS: TableColumn<Row>[] = [
  { id: 'thread', header: 'Thread' },
  { id: 'needle', header: 'Needle', accessorFn: ({ type, sizeNm }) => `${type} ${needleSizeLabel(sizeNm)}` },
  { id: 'eye', header: 'Eye', accessorFn: ({ eyeMm }) => bareMm(eyeMm), meta: NUMBER },
  { id: 'fill', header: 'Fill', accessorFn: ({ fill }) => `${Math.round(100 * fill)} %`, meta: NUMBER },
  { id: 'model', header: 'Model says' },
  { id: 'practice', header: 'Practice says' },
  { id: 'decides', header: 'Decides' },
]
const differs = ({ agree, practiceFit }: Row) => !agree && practiceFit !== null
useHead({ title: 'How do we know · Lacy Spool' })
const rows = compareModels()
const rangeOf = (threadClass: ThreadClass) => `${PRACTICE[threadClass].thickMm.map(bareMm).join(' to ')} mm`
const agreed = rows.filter(({ agree }) => agree).length
</script>

<template>
  <div>
    <StationHead />
    <div class="cols">
      <UCard
        as="section"
        class="scroll"
        tabindex="0"
        aria-label="Eye model against practice"
      >
        <UTable
          :data="rows"
          :columns="COLUMNS"
          :meta="{ class: { tr: ({ original }) => (differs(original) ? 'differs' : '') } }"
          :ui="{ caption: 'not-sr-only serif text-left text-lg' }"
        >
          <template #caption>Eye model against practice: {{ agreed }} of {{ rows.length }} agree</template>
          <template #thread-cell="{ row: { original } }">
            <b>{{ PRACTICE[original.threadClass].name }}</b>
            <span class="hint range">{{ rangeOf(original.threadClass) }}</span>
          </template>
          <template #model-cell="{ row: { original } }">
            <span :style="{ color: FIT_LOOKS[original.eyeFit].ink }">{{
              FIT_LOOKS[original.eyeFit].word
            }}</span>
          </template>
          <template #practice-cell="{ row: { original } }">
            <span :style="original.practiceFit ? { color: FIT_LOOKS[original.practiceFit].ink } : {}">{{
              original.practiceFit ? FIT_LOOKS[original.practiceFit].word : 'silent'
            }}</span>
          </template>
          <template #decides-cell="{ row: { original } }">
            {{ original.decidedBy
            }}<UIcon
              v-if="!original.agree"
              name="i-lucide-equal-not"
              class="sign"
              aria-label="they differ"
            />
          </template>
        </UTable>
      </UCard>
      <UCard
        as="section"
        class="words"
        aria-label="Where the numbers come from"
      >
        <h2>Where the numbers come from</h2>
        <p>
          <b>Practice table.</b> What sewists use for each kind of thread: common practice, no published
          source. Where practice names a needle, practice decides, because it has been sewn. It holds for
          threads of that thickness only.
        </p>
        <p>
          <b>Eye model.</b> The clear eye is about 0.40 of the blade. Embroidery, metallic and topstitch
          needles have more (from memory). A thread fills it loosely under 35 %, well to 65 %, tightly to 80
          %. It decides where the table is silent.
        </p>
        <p>
          <b>Where they differ.</b> Pearl cotton and flat metallic squeeze through eyes the model calls too
          small. Fine thread fits a big eye, but the hole stays open. Heavy thread frays sooner than its
          thickness tells.
        </p>
        <p>
          <b>Thickness.</b> From tex, packing and fibre density (Morton and Hearle, from memory). Cotton comes
          within 1 % of Peirce 1937 (from memory). A measured thickness counts first.
        </p>
        <p class="hint">
          Usual threads: 40 wt rayon, 50 wt cotton, 80 wt polyester, tex 60 topstitch. Also tex 30 metallic,
          flat metallic {{ inMm(0.4) }} wide, pearl 12 and 8, nylon {{ inMm(0.1) }}.
        </p>
      </UCard>
    </div>
  </div>
</template>

<style scoped>
.range {
  display: block;
  font-weight: 400;
}
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 264px;
  gap: 14px;
  align-items: start;
}
.scroll {
  overflow-x: auto;
}
.sign {
  margin-left: 5px;
  vertical-align: -2px;
}
.words {
  display: grid;
  gap: 10px;
  font-size: 15px;
  line-height: 1.35;
}
@media (max-width: 1150px) {
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
}
:deep(.differs) {
  background: var(--close-bg);
}
:deep(td) {
  padding-block: 0;
  height: 30px;
}
</style>
