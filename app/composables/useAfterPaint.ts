const LATEST_MS = 500

/** False until a view's first frame stands: what is out of sight can wait for it. */
export function useAfterPaint(): Readonly<Ref<boolean>> {
  const painted = ref(false)
  onMounted(() =>
    requestIdleCallback(
      () => {
        painted.value = true
      },
      { timeout: LATEST_MS },
    ),
  )
  return readonly(painted)
}
