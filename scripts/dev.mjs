// npm run dev: the development server with reloading.
import { installPackages, run } from './prepare.mjs';

installPackages();
run('expo start', 'npx', ['expo', 'start', '--web', '--offline', '--port', process.env.PORT ?? '8378'], {
  env: { ...process.env, EXPO_NO_TELEMETRY: '1' },
});
