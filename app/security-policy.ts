/**
 * The content-security policy of every page: nothing from, and nothing to, any other origin. `development` also lets the
 * development server's socket through.
 */
export function contentSecurityPolicy(nonce: string, development: boolean): string {
  return [
    "default-src 'none'",
    "base-uri 'none'",
    "frame-ancestors 'none'",
    "form-action 'self'",
    "object-src 'none'",
    `script-src 'self' 'nonce-${nonce}'`,
    `style-src 'self' 'nonce-${nonce}'`,
    "font-src 'self'",
    "img-src 'self' data: blob:",
    "manifest-src 'self'",
    `connect-src 'self'${development ? ' ws:' : ''}`,
    "worker-src 'self'",
  ].join('; ');
}
