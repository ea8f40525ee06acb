<script setup lang="ts">
const bench = useBenchStore()
</script>

<template>
  <ThreadPicker
    title="Bobbin"
    :selected-id="bench.setup.bobbinId"
    @choose="bench.update('Choose the bobbin thread', { bobbinId: $event })"
  />
</template>
