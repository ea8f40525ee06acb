<script setup lang="ts">
import { UNKNOWN_MACHINE } from '#shared/records'
import { newId } from '~/utils/id'
import { LateMachineForm } from '~/asking/lateForms'

/** A machine where one is missing: its widest stitch in one press, the rest when one likes. */
const book = useBookStore()
const inHand = useInHandStore()
const WIDTHS_MM = [5, 6, 7, 9] as const
const more = ref(false)
const owned = computed(() => [...book.shelf.machines.values()].sort((a, b) => a.name.localeCompare(b.name)))

function addOne(maxWidthMm: number): void {
  const id = newId('machine')
  const machine = { ...UNKNOWN_MACHINE, id, name: 'My machine', maxWidthMm }
  inHand.update('Add my machine', { machineId: id }, null, [{ table: 'machines', id, record: machine }])
}
function added(id: string | null): void {
  more.value = false
  if (id) inHand.update('Choose the machine', { machineId: id })
}
</script>

<template>
  <div>
    <LateMachineForm
      v-if="more"
      :record="null"
      @done="added"
    />
    <template v-else>
      <div
        v-if="owned.length > 0"
        class="choices"
        role="group"
        aria-label="Machine"
      >
        <UButton
          v-for="machine in owned"
          :key="machine.id"
          variant="outline"
          :label="machine.name"
          @click="inHand.update('Choose the machine', { machineId: machine.id })"
        />
      </div>
      <div
        class="choices"
        role="group"
        aria-label="My machine’s widest stitch"
      >
        <span>{{ owned.length > 0 ? 'or a new one, widest stitch' : 'Its widest stitch' }}</span>
        <UButton
          v-for="mm in WIDTHS_MM"
          :key="mm"
          variant="outline"
          :label="bareMm(mm)"
          :aria-label="`My machine’s widest stitch is ${bareMm(mm)}`"
          @click="addOne(mm)"
        />
        <UButton
          variant="ghost"
          label="Another width"
          @click="
            () => {
              more = true
            }
          "
        />
      </div>
    </template>
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 8px;
}
.choices + .choices {
  margin-top: 8px;
}
</style>
