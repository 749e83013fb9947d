/** Starts the server: 127.0.0.1:8377 unless PORT and HOST say otherwise; beyond loopback only with INVOLUCRUM_TOKEN. */
import { existsSync } from 'node:fs';
import path from 'node:path';
import { createApp } from './app';
import { isLoopback } from './loopback';

const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 8377);
const token = process.env.INVOLUCRUM_TOKEN;
const dist = path.resolve(process.env.DIST ?? 'dist');

function refuse(reason: string): never {
  console.error(reason);
  process.exit(2);
}

if (!Number.isInteger(port) || port < 0 || port > 65_535)
  refuse(`PORT: "${process.env.PORT}" is no port; 1 to 65535 would be`);
if (!isLoopback(host) && (token === undefined || token.length < 16)) {
  refuse(`HOST: ${host} can be reached by others; set INVOLUCRUM_TOKEN to at least 16 characters`);
}
if (!existsSync(path.join(dist, 'index.html'))) refuse(`${dist} holds no build; run npm start, which makes one`);

const server = createApp({ dist, token: isLoopback(host) ? undefined : token }).listen(port, host, (error?: Error) => {
  if (error) refuse(`cannot listen on ${host}:${port}: ${error.message}`);
  console.log(`Involucrum is open at http://${host}:${port}`);
});
for (const signal of ['SIGTERM', 'SIGINT'] as const) {
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
}
