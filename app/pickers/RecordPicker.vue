<script setup lang="ts" generic="T extends { id: string }">
import type { ShallowRef } from 'vue'
import { closePickerKey } from '~/utils/picker'

/** A list of what is owned: choose one, or add, change and delete in place. */
const {
  title,
  items,
  selectedId,
  name,
  hint,
  noneLabel = '',
  addLabel,
  stays = false,
} = defineProps<{
  title: string
  items: readonly T[]
  selectedId: string | null
  name: (item: T) => string
  hint: (item: T) => string
  /** Offers “none” under this label. @defaultValue '' (not offered) */
  noneLabel?: string
  addLabel: string
  /** More is to be chosen before it closes. @defaultValue false */
  stays?: boolean
}>()
const emit = defineEmits<{ choose: [id: string | null]; remove: [item: T] }>()
const close = inject(closePickerKey, () => {})
const editing = shallowRef(null) as ShallowRef<T | 'new' | null>

function choose(id: string | null): void {
  emit('choose', id)
  if (!stays) close()
}
function done(id: string | null): void {
  const wasNew = editing.value === 'new'
  editing.value = null
  if (wasNew && id !== null) choose(id)
}
const heading = computed(() => {
  if (editing.value === null) return title
  return editing.value === 'new' ? addLabel : `Change ${name(editing.value)}`
})
</script>

<template>
  <div>
    <div class="card-head">
      <h2 class="serif title">
        {{ heading }}
      </h2>
    </div>
    <slot
      v-if="editing"
      name="form"
      :record="editing === 'new' ? null : editing"
      :done="done"
    />
    <template v-else>
      <slot name="before" />
      <ul class="list">
        <li v-if="noneLabel">
          <UButton
            variant="ghost"
            color="neutral"
            class="row"
            :aria-pressed="selectedId === null"
            @click="choose(null)"
          >
            <span>{{ noneLabel }}</span>
          </UButton>
        </li>
        <li
          v-for="item in items"
          :key="item.id"
          class="item"
        >
          <UButton
            variant="ghost"
            color="neutral"
            class="row"
            :aria-pressed="selectedId === item.id"
            @click="choose(item.id)"
          >
            <slot
              name="mark"
              :item="item"
            />
            <span
              ><b>{{ name(item) }}</b
              ><span class="hint">{{ hint(item) }}</span></span
            >
          </UButton>
          <UButton
            icon="i-lucide-pencil"
            variant="ghost"
            color="neutral"
            :aria-label="`Change ${name(item)}`"
            class="min-w-11 justify-center"
            @click="
              () => {
                editing = item
              }
            "
          />
          <UButton
            icon="i-lucide-trash-2"
            variant="ghost"
            color="neutral"
            :aria-label="`Delete ${name(item)}`"
            class="min-w-11 justify-center"
            @click="emit('remove', item)"
          />
        </li>
      </ul>
      <p
        v-if="items.length === 0"
        class="hint empty"
      >
        Nothing here yet.
      </p>
      <UButton
        icon="i-lucide-plus"
        variant="outline"
        :label="addLabel"
        class="mt-2"
        @click="
          () => {
            editing = 'new'
          }
        "
      />
      <slot name="after" />
    </template>
  </div>
</template>

<style scoped>
.title {
  font-size: 19px;
}
.list {
  display: grid;
  gap: 4px;
}
.item {
  display: flex;
  align-items: center;
}
.row {
  flex: 1;
  min-width: 0;
  width: 100%;
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 46px;
  padding: 5px 10px;
  border: 1.5px solid transparent;
  border-radius: 10px;
  text-align: left;
  cursor: pointer;
}
.row:hover {
  background: var(--paper);
}
.row[aria-pressed='true'] {
  border-color: var(--mulberry);
  background: var(--white);
}
.row[aria-pressed='true']::after {
  content: 'on';
  margin-left: auto;
  font-size: 14px;
  font-weight: 650;
  color: var(--mulberry);
}
.row .hint {
  display: block;
}
.empty {
  padding: 6px 10px;
}
</style>
