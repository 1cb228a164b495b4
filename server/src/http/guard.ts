import type { NextFunction, Request, Response } from 'express';

const LOOPBACK = /^(?:127\.0\.0\.1|localhost|\[::1\])(?::\d+)?$/;

/**
 * Keep other pages out: the server listens on loopback only, but a page from elsewhere in the same browser could
 * still call it, by its address or by a name of its own that leads here. So the Host must be a loopback name, and
 * what changes anything must come from this origin, as JSON.
 */
export function guard(request: Request, response: Response, next: NextFunction): void {
  const { host, origin } = request.headers;
  if (!host || !LOOPBACK.test(host)) {
    response.status(403).json({ message: 'Tarnpass answers on this computer only.' });
    return;
  }
  const changes = request.method !== 'GET' && request.method !== 'HEAD';
  if (changes && origin !== undefined && origin !== `http://${host}`) {
    response.status(403).json({ message: 'This request comes from another page.' });
    return;
  }
  if (changes && !request.is('application/json')) {
    response.status(415).json({ message: 'Send JSON.' });
    return;
  }
  next();
}
