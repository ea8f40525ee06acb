<template>
  <main
    id="work"
    tabindex="-1"
  >
    <slot />
  </main>
</template>

<style scoped>
main {
  min-height: 100dvh;
  outline: none;
}
</style>
