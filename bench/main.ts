import { burst } from './burst.ts';
import { intakeRatio } from './intake.ts';
import { firstLoad } from './firstLoad.ts';
import { largeMailbox } from './mailbox.ts';
import { longTimes } from './long.ts';
import { readingRatio } from './reading.ts';
import { rulesRatio } from './rules.ts';

/** npm run bench: prints figures, asserts none. */
await readingRatio();
await rulesRatio();
await longTimes();
await intakeRatio();
await burst();
await largeMailbox();
firstLoad();
