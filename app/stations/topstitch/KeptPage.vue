<script setup lang="ts">
useHead({ title: 'Kept topstitching · Lacy Spool' })
</script>

<template>
  <PieceList
    :paths="{ topstitching: '/topstitch' }"
    what="topstitching"
  />
</template>
