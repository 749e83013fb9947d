/** What the server is told by its environment; without a process, so that tests ask it directly. */
import path from 'node:path';
import { isLoopback } from './loopback';

const LEAST_TOKEN = 16;
const USUAL_PORT = 8377;
const LARGEST_PORT = 65_535;

interface Settings {
  host: string;
  port: number;
  /** The folder with the built application. */
  dist: string;
  /** Asked of whoever comes from beyond this machine; without one where nobody can. */
  token: string | undefined;
  /** Which hosts it answers as. */
  served: { loopback: boolean; names: string[] };
}

/**
 * Reads the settings.
 * @param env HOST, PORT, DIST, INVOLUCRUM_TOKEN, INVOLUCRUM_NAMES; what is set to nothing is not set
 * @param hasBuild whether a folder holds a built application
 * @returns the settings, or why the server does not start
 */
export function readSettings(
  env: Readonly<Record<string, string | undefined>>,
  hasBuild: (dist: string) => boolean,
): { settings: Settings } | { refused: string } {
  const setting = (name: string, usual: string): string => env[name]?.trim() || usual;
  const host = setting('HOST', '127.0.0.1');
  const port = Number(setting('PORT', String(USUAL_PORT)));
  const token = setting('INVOLUCRUM_TOKEN', '');
  const dist = path.resolve(env.DIST ?? 'dist');
  const isLocal = isLoopback(host);
  if (!Number.isInteger(port) || port < 0 || port > LARGEST_PORT)
    return { refused: `PORT: "${env.PORT}" is no port; 1 to ${LARGEST_PORT} would be` };
  if (!isLocal && token.replace(/\s/g, '').length < LEAST_TOKEN)
    return {
      refused: `HOST: ${host} can be reached by others; set INVOLUCRUM_TOKEN to at least ${LEAST_TOKEN} characters that are not blank`,
    };
  if (!hasBuild(dist)) return { refused: `${dist} holds no build; run npm start, which makes one` };
  const names = setting('INVOLUCRUM_NAMES', '')
    .split(',')
    .map((name) => name.trim())
    .filter((name) => name !== '');
  return { settings: { host, port, dist, token: isLocal ? undefined : token, served: { loopback: isLocal, names } } };
}
