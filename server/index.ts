/** Starts the server: 127.0.0.1:8377 unless PORT and HOST say otherwise; beyond loopback only with INVOLUCRUM_TOKEN. */
import { existsSync } from 'node:fs';
import { type AddressInfo } from 'node:net';
import path from 'node:path';
import { createApp } from './app';
import { patientServer } from './patience';
import { readSettings } from './settings';

function refuse(reason: string): never {
  console.error(reason);
  process.exit(2);
}

const read = readSettings(process.env, (dist) => existsSync(path.join(dist, 'index.html')));
if ('refused' in read) refuse(read.refused);
const { host, port, dist, token, served } = read.settings;
const server = patientServer(createApp({ dist, token, served }));
server.on('error', (error) => refuse(`cannot listen on ${host}:${port}: ${error.message}`));
server.listen(port, host, () => {
  // Port 0 is any that is free.
  console.log(`Involucrum is open at http://${host}:${(server.address() as AddressInfo).port}`);
});
for (const signal of ['SIGTERM', 'SIGINT'] as const) {
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
}
