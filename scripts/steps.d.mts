import type { ChildProcess } from 'node:child_process'

export const root: string
export function say(text: string): void
export function ensurePackages(): void
export function ensureBuild(): void
export function ensureBrowser(): void
export function findPort(wished: number): Promise<number>
export function startServer(options: {
  port: number
  demo: boolean
  host?: string
  env?: Record<string, string>
}): Promise<{ address: string; child: ChildProcess }>
export function machineLine(): string
