<script setup lang="ts">
import { needleSizeLabel } from '#core/needle'
import { compareModels, PRACTICE, type ThreadClass } from '#core/pairing'
import { FIT_LOOKS } from '~/utils/fit'

useHead({ title: 'How do we know · Lacy Spool' })
const rows = compareModels()
const { bare, length, sign } = useLength()
const rangeOf = (threadClass: ThreadClass) =>
  `${PRACTICE[threadClass].thickMm.map(bare).join(' to ')} ${sign()}`
const agreed = rows.filter(({ agree }) => agree).length
</script>

<template>
  <div>
    <StationHead />
    <div class="cols">
      <section
        class="card scroll"
        tabindex="0"
        role="region"
        aria-label="Eye model against practice"
      >
        <table class="table">
          <caption class="serif">
            Eye model against practice:
            {{
              agreed
            }}
            of
            {{
              rows.length
            }}
            agree
          </caption>
          <thead>
            <tr>
              <th scope="col">Thread</th>
              <th scope="col">Needle</th>
              <th
                scope="col"
                class="num"
              >
                Eye
              </th>
              <th
                scope="col"
                class="num"
              >
                Fill
              </th>
              <th scope="col">Model says</th>
              <th scope="col">Practice says</th>
              <th scope="col">Decides</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="row in rows"
              :key="`${row.threadClass}${row.type}${row.sizeNm}`"
              :class="{ differs: !row.agree && row.practiceFit }"
            >
              <th scope="row">
                {{ PRACTICE[row.threadClass].name }}
                <span class="hint range">{{ rangeOf(row.threadClass) }}</span>
              </th>
              <td>{{ row.type }} {{ needleSizeLabel(row.sizeNm) }}</td>
              <td class="num">{{ bare(row.eyeMm) }}</td>
              <td class="num">{{ Math.round(100 * row.fill) }} %</td>
              <td :style="{ color: FIT_LOOKS[row.eyeFit].ink }">{{ FIT_LOOKS[row.eyeFit].word }}</td>
              <td :style="row.practiceFit ? { color: FIT_LOOKS[row.practiceFit].ink } : {}">
                {{ row.practiceFit ? FIT_LOOKS[row.practiceFit].word : 'silent' }}
              </td>
              <td>
                {{ row.decidedBy
                }}<UIcon
                  v-if="!row.agree"
                  name="i-lucide-equal-not"
                  class="sign"
                  aria-label="they differ"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <section
        class="card words"
        aria-label="Where the numbers come from"
      >
        <h2>Where the numbers come from</h2>
        <p>
          <b>Practice table.</b> What sewists use for each kind of thread: common practice, no published
          source. Where it names a needle it decides, because it has been sewn; of threads as thick as it was
          made for, and of no others.
        </p>
        <p>
          <b>Eye model.</b> The clear eye is about 0.40 of the blade, more for embroidery, metallic and
          topstitch needles: from memory. A thread fills it loosely under 35 %, well to 65 %, tightly to 80 %.
          It decides where the table is silent.
        </p>
        <p>
          <b>Where they differ.</b> Pearl cotton and film squeeze and fold, and pass eyes the model calls too
          small. Fine thread fits a big eye, but the hole stays open. Heavy thread frays sooner than its
          thickness tells.
        </p>
        <p>
          <b>Thickness.</b> From tex, fibre density (Morton and Hearle, from memory) and packing; for cotton
          within 1 % of Peirce 1937 (from memory). Measured beats computed.
        </p>
        <p class="hint">
          Usual threads: 40 wt rayon, 50 wt cotton, 80 wt polyester, tex 60 topstitch, tex 30 metallic, film
          {{ length(0.4) }} wide, pearl 12 and 8, nylon {{ length(0.1) }}.
        </p>
      </section>
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
.table {
  width: 100%;
  border-collapse: collapse;
  font-size: 14px;
}
caption {
  text-align: left;
  font-size: 18px;
  padding-bottom: 4px;
}
th,
td {
  padding: 0 4px;
  height: 30px;
  text-align: left;
  border-bottom: 1px solid var(--line);
  white-space: nowrap;
}
thead th {
  color: var(--mute);
  font-weight: 600;
}
.num {
  text-align: right;
}
.differs {
  background: var(--close-bg);
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
</style>
