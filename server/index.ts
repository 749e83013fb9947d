/** Starts the server: 127.0.0.1:8377 unless PORT and HOST say otherwise; beyond loopback only with INVOLUCRUM_TOKEN. */
import { existsSync } from 'node:fs';
import path from 'node:path';
import { createApp } from './app';
import { isLoopback } from './loopback';
import { patientServer } from './patience';

/** What is set to nothing is not set. */
const setting = (name: string, usual: string): string => process.env[name]?.trim() || usual;

const LEAST_TOKEN = 16;
const host = setting('HOST', '127.0.0.1');
const port = Number(setting('PORT', '8377'));
const token = process.env.INVOLUCRUM_TOKEN?.trim() ?? '';
const dist = path.resolve(process.env.DIST ?? 'dist');

function refuse(reason: string): never {
  console.error(reason);
  process.exit(2);
}

if (!Number.isInteger(port) || port < 0 || port > 65_535)
  refuse(`PORT: "${process.env.PORT}" is no port; 1 to 65535 would be`);
if (!isLoopback(host) && token.replace(/\s/g, '').length < LEAST_TOKEN) {
  refuse(
    `HOST: ${host} can be reached by others; set INVOLUCRUM_TOKEN to at least ${LEAST_TOKEN} characters that are not blank`,
  );
}
if (!existsSync(path.join(dist, 'index.html'))) refuse(`${dist} holds no build; run npm start, which makes one`);

const isLocal = isLoopback(host);
const names = setting('INVOLUCRUM_NAMES', '')
  .split(',')
  .map((name) => name.trim())
  .filter((name) => name !== '');
const app = createApp({ dist, token: isLocal ? undefined : token, served: { loopback: isLocal, names } });
const server = patientServer(app);
server.on('error', (error) => refuse(`cannot listen on ${host}:${port}: ${error.message}`));
server.listen(port, host, () => console.log(`Involucrum is open at http://${host}:${port}`));
for (const signal of ['SIGTERM', 'SIGINT'] as const) {
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
}
