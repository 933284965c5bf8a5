import { installPackages, run } from './install.mjs';

installPackages();
run('npx', ['expo', 'start', '--web'], { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1' });
