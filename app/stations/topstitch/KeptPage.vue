<script setup lang="ts">
useHead({ title: 'Kept topstitching · Lacy Spool' })
</script>

<template>
  <PieceList
    kind="topstitching"
    path="/topstitch"
    what="topstitching"
  />
</template>
