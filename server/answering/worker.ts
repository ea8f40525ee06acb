import { ROUTES } from '#shared/api'
import { answerText, type SentAnswer } from './answerText'

/** What a thread of the pool is asked. */
export interface Asked {
  readonly path: string
  readonly body: string
}

/** Answers one question away from the server's own thread: it may be stopped at any time. */
export default function answer({ path, body }: Asked): SentAnswer {
  return answerText(
    ROUTES.find(route => route.path === path)!,
    body,
  )
}
