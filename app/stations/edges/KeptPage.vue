<script setup lang="ts">
useHead({ title: 'Kept edges and lines · Lacy Spool' })
</script>

<template>
  <PieceList
    :paths="{ edge: '/edge', lines: '/lines' }"
    what="edge or line drawing"
  />
</template>
