// The server's tests run against the scripts that users run.
import { buildServer } from './build.mjs';

export const setup = () => (process.env.TEST_BUILT ? undefined : buildServer());
