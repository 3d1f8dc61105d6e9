// The server's tests run against the scripts that users run.
import { buildServer } from './build.mjs';

export const setup = () => buildServer();
