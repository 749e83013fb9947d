/** The core from the command line: `npm run -s core -- COMMAND [--file INPUT.json]`, else JSON on standard input. */
import { readFileSync } from 'node:fs';
import { run } from './run';

const { status, stdout, stderr } = run(process.argv.slice(2), (file) => readFileSync(file ?? 0, 'utf8'));
process.stdout.write(stdout);
process.stderr.write(stderr);
process.exitCode = status;
