/**
 * Whom the server answers: requests to the address it is served at, from pages of that address. A page elsewhere whose name
 * has been made to lead here (a rebound name) says its own name in Host, and a page elsewhere that posts says its Origin.
 */
import { type RequestHandler } from 'express';
import { isIP } from 'node:net';
import { hostname } from 'node:os';
import { isLoopback } from './loopback';

/** A name without the port; an IPv6 address without its brackets. */
const nameOf = (host: string): string =>
  host
    .replace(/:\d+$/, '')
    .replace(/^\[(.*)\]$/, '$1')
    .toLowerCase();

export interface Served {
  /** Whether only this machine can reach the server. */
  loopback: boolean;
  /** Further names it is known by. */
  names: readonly string[];
}

/** Whether a Host header names this server. An address of numbers cannot be rebound; a name must be one of ours. */
export function isServedAs(host: string | undefined, port: number | undefined, { loopback, names }: Served): boolean {
  if (host === undefined) return false;
  const name = nameOf(host);
  if (names.some((known) => known.toLowerCase() === name)) return true;
  if (loopback) return isLoopback(name) && (/:(\d+)$/.exec(host)?.[1] ?? '80') === String(port);
  const own = hostname().toLowerCase();
  return isIP(name) !== 0 || isLoopback(name) || name === own || name === `${own}.local`;
}

/** Refuses requests under another name, and calls of the interface from pages of another origin. */
export function onlyServedAddress(served: Served): RequestHandler {
  return (request, response, next) => {
    const { host, origin } = request.headers;
    if (!isServedAs(host, request.socket.localPort, served)) {
      response.status(421).json({ error: 'host: is not the address this is served at' });
      return;
    }
    const isOwn = origin === undefined || origin === `http://${host}` || origin === `https://${host}`;
    const isCrossSite = request.headers['sec-fetch-site'] === 'cross-site';
    if (request.path.startsWith('/api') && (!isOwn || isCrossSite)) {
      response.status(403).json({ error: 'origin: only pages of this address may call it' });
      return;
    }
    next();
  };
}
