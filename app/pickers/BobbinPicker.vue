<script setup lang="ts">
const inHand = useInHandStore()
</script>

<template>
  <ThreadPicker
    title="Bobbin"
    :selected-id="inHand.setup.bobbinId"
    @choose="inHand.update('Choose the bobbin thread', { bobbinId: $event })"
  />
</template>
