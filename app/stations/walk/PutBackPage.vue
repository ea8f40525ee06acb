<script setup lang="ts">
useHead({ title: 'Put back · Lacy Spool' })
const inHand = useInHandStore()
const put = usePutBackStore()
const { offerUndo } = useShelf()
const machine = computed(() => inHand.parts.machine)
const off = computed(() => machine.value && put.whatOffDoes(machine.value.id))
/** What switching off did is kept in view after the press, which changes what it would do. */
const whatOffDid = shallowRef<ReturnType<typeof put.whatOffDoes> | null>(null)
watch(
  () => machine.value?.id,
  () => {
    whatOffDid.value = null
  },
)
function switchedOff(): void {
  whatOffDid.value = off.value
  put.switchedOff(machine.value!.id)
}
function all(id: string): void {
  put.putBack(id, put.itemsOn(id))
  void offerUndo('Everything is put back')
}
</script>

<template>
  <div>
    <StationHead />
    <div
      v-if="machine"
      class="station"
    >
      <UCard
        as="section"
        aria-label="To put back"
      >
        <header>
          <h2>To put back on {{ machine.name }}</h2>
          <UButton
            v-if="put.open.length > 1"
            size="sm"
            variant="outline"
            label="All of it is done"
            @click="all(machine.id)"
          />
        </header>
        <PutBackList
          v-if="put.open.length > 0"
          :items="put.open"
          @done="put.putBack(machine.id, [$event])"
        />
        <p
          v-else
          role="status"
          class="clear-ink none"
        >
          <UIcon name="i-lucide-check" /> Nothing is noted to put back.
        </p>
        <p class="hint caution">
          <UIcon name="i-lucide-triangle-alert" /> Lock or switch off before your fingers go near the needle.
          The machine’s own manual comes first.
        </p>
      </UCard>
      <div class="side">
        <UCard
          as="section"
          aria-label="Switched off"
        >
          <h2>The machine was switched off?</h2>
          <div
            v-if="whatOffDid"
            role="status"
            class="told"
          >
            <p
              v-if="whatOffDid.caution"
              class="strikes-ink"
            >
              <b>{{ whatOffDid.caution }}</b>
            </p>
            <p v-if="whatOffDid.forgets.length > 0"><b>Forgotten:</b> {{ whatOffDid.forgets.join(', ') }}</p>
            <p><b>Kept:</b> {{ whatOffDid.keeps.join(', ') }}</p>
            <p><b>Check:</b></p>
            <ul>
              <li
                v-for="one in whatOffDid.check"
                :key="one"
              >
                {{ one }}
              </li>
            </ul>
          </div>
          <p
            v-else
            class="hint"
          >
            What it forgets opens again in the walk.
          </p>
          <UButton
            variant="outline"
            icon="i-lucide-power"
            label="It was switched off"
            class="mt-2"
            @click="switchedOff"
          />
        </UCard>
        <UCard
          as="section"
          aria-label="Set up without the walk"
        >
          <h2>Set up without the walk?</h2>
          <p class="hint">Ticks in the walk fill this list. Otherwise say so once.</p>
          <UButton
            variant="outline"
            icon="i-lucide-check"
            label="All of this setup is on it now"
            class="mt-2"
            @click="put.takeBench()"
          />
        </UCard>
        <UCard
          v-for="other in put.elsewhere"
          :key="other.machine.id"
          as="section"
          :aria-label="`To put back on ${other.machine.name}`"
        >
          <header>
            <h2>Also on {{ other.machine.name }}</h2>
          </header>
          <PutBackList
            :items="other.items"
            @done="put.putBack(other.machine.id, [$event])"
          />
        </UCard>
      </div>
    </div>
    <MissingCard
      v-else
      why="What is changed belongs to one."
    />
  </div>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 16px;
  align-items: start;
}
.side {
  display: grid;
  gap: 14px;
}
.none {
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: 18px;
  font-weight: 650;
  padding: 12px 0;
}
.caution {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-top: 10px;
}
.told {
  display: grid;
  gap: 4px;
  margin-top: 6px;
}
.told ul {
  list-style: disc;
  padding-left: 20px;
}
@media (max-width: 1000px) {
  .station {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
