import { intakeRatio } from './intake.ts';
import { firstLoad } from './firstLoad.ts';
import { longTimes } from './long.ts';
import { readingRatio } from './reading.ts';

/** npm run bench: prints figures, asserts none. */
await readingRatio();
await longTimes();
await intakeRatio();
firstLoad();
