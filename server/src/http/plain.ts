import type { IncomingMessage, RequestListener } from 'node:http';
import type { RequestHandler } from 'express';
import { nameIn } from './hosts.js';
import { isHere } from './place.js';

const page = (address: string | null): string => `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>Hopsk: open it over HTTPS</title>
<body style="font: 18px/1.5 sans-serif; max-width: 34em; margin: 2em auto; padding: 0 1em">
<h1>This address speaks HTTPS only</h1>
<p>What coaches note about people would go over the network for anybody to read, and over plain HTTP a browser starts nothing without a network, keeps no file, no lock and no camera.</p>
${
  address === null
    ? '<p>Hopsk was started for this machine alone. Start it with <b>npm start -- --lan</b>, or tell the proxy in front of it to say by what it was asked (X-Forwarded-Proto).</p>'
    : `<p><a href="${address}">Open ${address}</a></p>
<p>The first time, the browser does not know this house’s certificate and warns. Compare the address with the one on the machine where Hopsk runs, then go on. On the page <b>club</b> stands how a phone learns to trust this house, once and for good.</p>`
}
</body>
</html>
`;

/** Headers of the page: it runs nothing and loads nothing. */
const HEADERS = {
  'Content-Type': 'text/html; charset=utf-8',
  'Content-Security-Policy': "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'",
  'Cache-Control': 'no-store',
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'no-referrer',
};

/** The answer to whoever speaks plain HTTP to a port that speaks HTTPS: where to go instead. Nothing that was sent is read. */
export const sayHttps =
  (isOwn: (host: string) => boolean): RequestListener =>
  (request: IncomingMessage, response) => {
    const { host } = request.headers;
    const name = nameIn(host);
    const address = name !== '' && isOwn(name) ? `https://${String(host)}/` : null;
    response.writeHead(426, { ...HEADERS, Upgrade: 'TLS/1.2, HTTP/1.1', Connection: 'Upgrade, close' }).end(page(address));
  };

/** Refuses plain HTTP from another machine, where a proxy in front does not say that it was asked over HTTPS. */
export const httpsFromElsewhere: RequestHandler = (request, response, next) => {
  if (request.secure || isHere(request.ip ?? '')) return next();
  response.status(426).set(HEADERS).set('Upgrade', 'TLS/1.2').send(page(null));
};

/** Says once, when it first happens, that a proxy which is not trusted sends other people's requests: all of them count as from here. */
export function proxyNotice(trusted: boolean, say: (sentence: string) => void): RequestHandler {
  let said = trusted;
  return (request, _response, next) => {
    if (!said && ['x-forwarded-for', 'x-forwarded-proto', 'forwarded', 'x-real-ip'].some((name) => request.headers[name] !== undefined)) {
      said = true;
      say(
        'A proxy in front of Hopsk sends requests and is not trusted: everybody who comes through it counts as one place, and cookies are not marked as for HTTPS. Start with --trust-proxy ADDRESS if it is yours.',
      );
    }
    next();
  };
}
