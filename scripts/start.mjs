// npm start: installs and builds what is missing, serves the application with its demo, prints the address.
import { spawn } from 'node:child_process';
import { build } from './build.mjs';
import { installPackages } from './prepare.mjs';

installPackages();
await build();
const server = spawn(process.execPath, ['--import', 'tsx', 'server/index.ts'], { stdio: 'inherit' });
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
