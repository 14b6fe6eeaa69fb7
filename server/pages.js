import { randomBytes } from 'node:crypto';

/** What the server itself says where there is no page of the program, by status. None tells of its insides. */
const WORDS = {
  400: ['This address cannot be read', 'It holds signs that no address has. Check it, or begin at the desk.'],
  403: [
    'This server does not go by that name',
    'Open it as localhost, or name it in HOSTS when the server is started.',
  ],
  404: ['There is nothing at this address', 'It may be of an older version of the program. Load the page again.'],
  405: ['This address is only there to be read', 'Pages are asked for with GET; programs write to /api/clean.'],
  500: ['Something went wrong here', 'Your pieces are kept in your browser. Load the page again.'],
};

/** Answers with a page of ours; as plain text to those who do not ask for pages. */
export function sendPage(request, response, status, headers = {}) {
  const [title, advice] = WORDS[status] ?? WORDS[500];
  response.status(status).set({ 'Cache-Control': 'no-store', ...headers });
  if (!request.accepts('html')) {
    response.type('text/plain').send(`${title}. ${advice}\n`);
    return;
  }
  const nonce = randomBytes(16).toString('base64');
  response.set({
    'Content-Security-Policy': `default-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'none'; style-src 'nonce-${nonce}'`,
    'Referrer-Policy': 'no-referrer',
  });
  response.type('html').send(
    `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>${title}</title><style nonce="${nonce}">
:root { color-scheme: light dark; }
body { max-width: 34rem; margin: 16vh auto 0; padding: 0 24px; font: 16px/1.5 system-ui, sans-serif; }
h1 { font: 600 26px/1.2 Georgia, serif; }
</style><main><h1>${title}</h1><p>${advice}</p><a href="/">Go to the desk</a></main></html>\n`,
  );
}
