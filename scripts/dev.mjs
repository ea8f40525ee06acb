// npm run dev: the development server; installs what is missing.
import { bin, ensurePackages, run } from './steps.mjs'

ensurePackages()
process.exit(run(bin('nuxt'), ['dev']))
