import { defineNitroPlugin } from 'nitropack/runtime'

/** Gives every script tag of the page its nonce, as the content security policy asks. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('render:html', (html, { event }) => {
    const mark = (parts: string[]) =>
      parts.map(part => part.replaceAll('<script', `<script nonce="${event.context.nonce}"`))
    html.head = mark(html.head)
    html.bodyPrepend = mark(html.bodyPrepend)
    html.body = mark(html.body)
    html.bodyAppend = mark(html.bodyAppend)
  })
  // What serves a page is nobody's business.
  nitro.hooks.hook('render:response', response => {
    delete response.headers?.['x-powered-by']
  })
})
