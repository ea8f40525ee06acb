<script setup lang="ts">
/** Small scenes at the needle: switch, paper, foot, handwheel, cutter, bobbin. Schematics of our own. */
const {
  kind,
  hook = null,
  bypassed = false,
} = defineProps<{
  kind: 'power' | 'cover' | 'uncover' | 'foot-up' | 'handwheel' | 'cutter' | 'bobbin'
  /** @defaultValue null (not known) */
  hook?: 'up' | 'front' | 'left' | null
  bypassed?: boolean
}>()
const LABELS = {
  'power': 'The power switch, and a foot off the pedal',
  'cover': 'Paper lies over the hole under the presser foot',
  'uncover': 'The paper is drawn away',
  'foot-up': 'The presser foot is up and the discs are open',
  'handwheel': 'The handwheel is turned toward you',
  'cutter': 'The cutter is off',
  'bobbin': 'The bobbin',
} as const
const HOOK_WORDS = {
  up: ', dropped in from above',
  front: ', its case facing you',
  left: ', its case facing left',
} as const
const label = computed(() => {
  if (kind !== 'bobbin') return LABELS[kind]
  const way = hook ? HOOK_WORDS[hook] : ''
  return `The bobbin${way}${bypassed ? '; the thread passes its tension spring by' : ''}`
})
</script>

<template>
  <svg
    viewBox="0 0 320 240"
    role="img"
    :aria-label="label"
  >
    <template v-if="kind === 'power'">
      <rect
        x="44"
        y="56"
        width="96"
        height="120"
        rx="14"
        class="part"
      />
      <path
        d="M92 84 v34 M70 96 a32 32 0 1 0 44 0"
        class="act"
      />
      <path
        d="M186 178 L290 178 L276 150 Q240 132 200 150 Z"
        class="part"
      />
      <path
        d="M212 60 q6 46 -6 62 l66 8 q14 -2 10 -16 l-38 -12 l2 -42"
        class="hand"
      />
      <path
        d="M192 120 l96 74 M288 120 l-96 74"
        class="no"
      />
    </template>
    <template v-else-if="kind === 'cover' || kind === 'uncover'">
      <path
        d="M20 190 H300"
        class="edge"
      />
      <path
        d="M152 190 h16 v22 h-16 z"
        fill="var(--hole)"
      />
      <path
        d="M160 20 V96"
        class="edge"
      />
      <path
        d="M160 96 V132 l3 -8"
        class="needle"
      />
      <path
        d="M112 178 H140 V150 H180 V178 H208 L214 186 H106 Z"
        class="part"
      />
      <path
        v-if="kind === 'cover'"
        d="M62 188 H262"
        class="paper"
      />
      <g v-else>
        <path
          d="M30 182 l84 -22"
          class="paper"
        />
        <path
          d="M92 130 H36 M48 118 L34 130 L48 142"
          class="act"
        />
      </g>
    </template>
    <template v-else-if="kind === 'foot-up'">
      <path
        d="M20 206 H190"
        class="edge"
      />
      <path
        d="M104 40 V132"
        class="edge"
      />
      <path
        d="M56 140 H84 V112 H124 V140 H152 L158 148 H50 Z"
        class="part"
      />
      <path
        d="M178 186 V124 M166 138 L178 122 L190 138"
        class="act"
      />
      <rect
        x="226"
        y="76"
        width="12"
        height="86"
        rx="6"
        class="part"
      />
      <rect
        x="274"
        y="76"
        width="12"
        height="86"
        rx="6"
        class="part"
      />
      <path
        d="M256 56 V186"
        class="thread"
      />
      <text
        x="256"
        y="214"
        text-anchor="middle"
        class="note"
      >
        discs open
      </text>
    </template>
    <template v-else-if="kind === 'handwheel'">
      <ellipse
        cx="166"
        cy="120"
        rx="54"
        ry="84"
        class="part"
      />
      <ellipse
        cx="166"
        cy="120"
        rx="22"
        ry="36"
        class="part"
      />
      <path
        d="M232 46 Q284 118 232 190 M232 166 L230 192 L256 186"
        class="act"
      />
      <text
        x="276"
        y="222"
        text-anchor="end"
        class="word"
      >
        toward you
      </text>
    </template>
    <template v-else-if="kind === 'cutter'">
      <circle
        cx="108"
        cy="170"
        r="24"
        class="ringed"
      />
      <circle
        cx="196"
        cy="170"
        r="24"
        class="ringed"
      />
      <path
        d="M122 150 L200 50 M182 150 L104 50"
        class="edge thick"
      />
      <path
        d="M60 40 L250 206"
        class="no"
      />
      <text
        x="290"
        y="120"
        text-anchor="end"
        class="word"
      >
        off
      </text>
    </template>
    <template v-else>
      <g v-if="hook === 'up'">
        <ellipse
          cx="132"
          cy="104"
          rx="64"
          ry="26"
          class="part"
        />
        <path
          d="M68 104 V156 A64 26 0 0 0 196 156 V104"
          class="spool"
        />
        <ellipse
          cx="132"
          cy="104"
          rx="18"
          ry="8"
          class="hole"
        />
      </g>
      <g v-else>
        <circle
          cx="132"
          cy="128"
          r="66"
          class="spool"
        />
        <circle
          cx="132"
          cy="128"
          r="42"
          class="wound"
        />
        <circle
          cx="132"
          cy="128"
          r="16"
          class="hole"
        />
      </g>
      <path
        v-if="!bypassed"
        d="M196 124 H232 Q244 124 244 108 V40"
        class="thread"
      />
      <path
        v-else
        d="M190 100 Q226 70 262 40"
        class="thread"
      />
      <path
        d="M214 150 q22 -14 44 0 q-22 10 -44 0"
        :class="bypassed ? 'spring' : 'part'"
      />
      <text
        x="236"
        y="182"
        text-anchor="middle"
        class="note"
      >
        {{ bypassed ? 'not under the spring' : 'tension spring' }}
      </text>
    </template>
  </svg>
</template>

<style scoped>
.part {
  fill: var(--plate);
  stroke: var(--line-strong);
  stroke-width: 2;
}
.spool {
  fill: var(--white);
  stroke: var(--line-strong);
  stroke-width: 2;
}
.ringed {
  fill: none;
  stroke: var(--ink);
  stroke-width: 5;
}
.hole {
  fill: var(--hole);
}
.wound {
  fill: none;
  stroke: var(--weld);
  stroke-width: 16;
  opacity: 0.55;
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
}
.thick {
  stroke-width: 6;
}
.needle {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
}
.hand {
  fill: var(--white);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.paper {
  fill: none;
  stroke: var(--weld);
  stroke-width: 5;
}
.thread {
  fill: none;
  stroke: var(--woad);
  stroke-width: 3.5;
}
.act {
  fill: none;
  stroke: var(--mulberry);
  stroke-width: 4.5;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.no {
  fill: none;
  stroke: var(--madder);
  stroke-width: 6;
}
.spring {
  fill: none;
  stroke: var(--line-strong);
  stroke-width: 2;
  stroke-dasharray: 4 4;
}
.note {
  font-size: var(--letter);
  fill: var(--mute);
}
.word {
  font-size: var(--letter);
  font-weight: 700;
  fill: var(--mulberry);
}
</style>
