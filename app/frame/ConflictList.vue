<script setup lang="ts">
/** What does not go together, worst first, with why, and one press to mend it where one change is right. */
const { rows } = useSetupReasons()
</script>

<template>
  <p
    v-if="rows.length === 0"
    class="hint"
  >
    Nothing speaks against this setup.
  </p>
  <ul
    v-else
    class="list"
    aria-label="Conflicts"
  >
    <li
      v-for="row in rows"
      :key="row.message"
      :style="{ borderColor: row.look.edge, background: row.look.bg }"
    >
      <p
        class="head"
        :style="{ color: row.look.ink }"
      >
        <UIcon
          :name="row.look.icon"
          class="sign"
        />
        <span
          ><b>{{ row.look.word }}:</b> {{ row.message }}</span
        >
      </p>
      <p class="why">{{ row.why }}</p>
      <ReasonPress
        :reason="row"
        class="mt-1"
      />
    </li>
  </ul>
</template>

<style scoped>
.list {
  display: grid;
  gap: 8px;
}
.list li {
  padding: 8px 10px;
  border: 1.5px solid;
  border-radius: 10px;
}
.head {
  display: flex;
  gap: 7px;
  line-height: 1.3;
  font-size: 15px;
}
.sign {
  flex: none;
  margin-top: 2px;
  font-size: 17px;
}
.why {
  margin: 2px 0 0 24px;
  font-size: 14px;
  color: var(--ink);
}
</style>
