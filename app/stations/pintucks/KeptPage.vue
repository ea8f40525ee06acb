<script setup lang="ts">
useHead({ title: 'Kept pintucks · Lacy Spool' })
</script>

<template>
  <PieceList
    kind="pintucks"
    path="/pintucks"
    what="pintucks"
  />
</template>
