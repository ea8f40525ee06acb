<script setup lang="ts">
useHead({ title: 'Files · Lacy Spool' })
</script>

<template>
  <div class="files">
    <StationHead />
    <p class="hint lead">
      Your data stays in this browser and in files you export. Nothing is sent anywhere.
    </p>
    <div class="cols">
      <BookCard />
      <ImportCard />
      <FolderCard />
      <DemoCard />
    </div>
  </div>
</template>

<style scoped>
.lead {
  margin-bottom: 12px;
  font-size: 15px;
}
.cols {
  columns: 3 300px;
  column-gap: 16px;
}
.cols :deep(.card) {
  padding: 14px 18px;
  display: grid;
  gap: 10px;
  margin-bottom: 16px;
  break-inside: avoid;
}
.cols :deep(.buttons) {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.cols :deep(a),
.cols :deep(.link) {
  text-decoration: underline;
  cursor: pointer;
}
.cols :deep(.link) {
  min-height: 30px;
}
</style>
