export function routesPage(
  routes: readonly object[],
  examples: Readonly<Record<string, unknown>>,
): Promise<string>
