/** For files, and for what is not there: a worker goes by the policy its own file came with. */
export const FILE_HEADERS = {
  'content-security-policy':
    "default-src 'none'; script-src 'self'; connect-src 'self'; worker-src 'self'; "
    + "style-src 'unsafe-inline'; img-src 'self' data: blob:; frame-ancestors 'none'; base-uri 'none'; "
    + "form-action 'none'",
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'no-referrer',
  'cross-origin-resource-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'permissions-policy': 'camera=(self), microphone=(), geolocation=()',
} as const
