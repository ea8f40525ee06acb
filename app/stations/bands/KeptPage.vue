<script setup lang="ts">
useHead({ title: 'Kept bands · Lacy Spool' })
</script>

<template>
  <PieceList
    :paths="{ band: '/band' }"
    what="band"
  />
</template>
