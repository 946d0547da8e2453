import { createHash, timingSafeEqual } from 'node:crypto';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { isLoopback, type Settings } from '../settings.js';
import { Problem } from './problem.js';

const hash = (text: string) => createHash('sha256').update(text).digest();

function hostName(hostHeader: string): string {
  return hostHeader
    .replace(/:\d+$/, '')
    .replace(/^\[(.*)\]$/, '$1')
    .toLowerCase();
}

/**
 * Refuses requests that do not come from the application's own pages: a Host that is not this server's (DNS rebinding),
 * an Origin that is another site's, and, where a passphrase is set, whoever does not know it.
 */
export function guard(settings: Settings): RequestHandler {
  return (request: Request, response: Response, next: NextFunction) => {
    const host = request.headers.host ?? '';
    if (isLoopback(settings.host) && !isLoopback(hostName(host)))
      return next(new Problem(421, 'This server does not answer for that host.'));
    const origin = request.headers.origin;
    if (origin !== undefined && origin !== `http://${host}` && origin !== `https://${host}`)
      return next(new Problem(403, 'Requests from other sites are not taken.'));
    if (settings.passphrase !== null && !knows(request.headers.authorization, settings.passphrase)) {
      response.setHeader('WWW-Authenticate', 'Basic realm="Upfell", charset="UTF-8"');
      return next(new Problem(401, 'The passphrase is needed (any user name).'));
    }
    next();
  };
}

function knows(authorization: string | undefined, passphrase: string): boolean {
  const encoded = /^Basic ([A-Za-z0-9+/=]+)$/.exec(authorization ?? '')?.[1];
  if (!encoded) return false;
  const given = Buffer.from(encoded, 'base64')
    .toString('utf8')
    .replace(/^[^:]*:/, '');
  return timingSafeEqual(hash(given), hash(passphrase));
}
