import { join } from 'node:path'
import { defineNuxtModule } from 'nuxt/kit'
import { build } from 'vite'

/** Builds what the threads of server/utils/answerPool.ts run: one file beside the server. */
export default defineNuxtModule({
  meta: { name: 'answer-worker' },
  setup(_, nuxt) {
    if (nuxt.options.dev || nuxt.options._prepare) return
    const root = nuxt.options.rootDir
    nuxt.hook('nitro:init', nitro => {
      nitro.hooks.hook('compiled', async () => {
        await build({
          configFile: false,
          root,
          logLevel: 'warn',
          ssr: { noExternal: true },
          build: {
            ssr: join(root, 'server/answering/worker.ts'),
            outDir: join(nitro.options.output.serverDir, 'workers'),
            copyPublicDir: false,
            rollupOptions: { output: { entryFileNames: 'answer.mjs', codeSplitting: false } as object },
          },
        })
      })
    })
  },
})
