<script setup lang="ts">
import { WIDTH_VIEWS } from '~/utils/stations'
</script>

<template>
  <StationHead
    title="Width and swing"
    :views="WIDTH_VIEWS"
    ><slot
  /></StationHead>
</template>
