<script setup lang="ts">
const book = useBookStore()
const bench = useBenchStore()
const adding = ref(false)
function added(id: string | null): void {
  adding.value = false
  if (id) bench.update('Choose the machine', { machineId: id })
}
</script>

<template>
  <section
    class="card welcome"
    aria-label="Begin"
  >
    <template v-if="adding">
      <h2>Your machine</h2>
      <LazyMachineForm
        :record="null"
        class="mt-2"
        @done="added"
      />
    </template>
    <template v-else>
      <h2>Begin with your machine</h2>
      <p>
        Its widest stitch is enough: it stands in the manual, or on the width dial. Then type the label of a
        twin needle.
      </p>
      <div class="flex flex-wrap gap-2 mt-3">
        <UButton
          icon="i-lucide-plus"
          label="Add my machine"
          @click="
            () => {
              adding = true
            }
          "
        />
        <UButton
          v-if="book.isEmpty"
          variant="outline"
          label="Look round with the demo"
          @click="book.loadDemo()"
        />
      </div>
    </template>
  </section>
</template>

<style scoped>
.welcome {
  max-width: 560px;
  margin-bottom: 14px;
  padding: 16px 18px;
}
.welcome p {
  margin-top: 4px;
}
</style>
