<script setup lang="ts">
useHead({ title: 'Kept pintucks · Lacy Spool' })
</script>

<template>
  <PieceList
    :paths="{ pintucks: '/pintucks' }"
    what="pintucks"
  />
</template>
