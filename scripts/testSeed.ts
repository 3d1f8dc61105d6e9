import fc from 'fast-check';

/** The same from run to run, so that what passed here passes there; the long run looks further. */
const usual = process.env.TEST_LONG ? Date.now() % 1_000_000_000 : 1;
const seed = Number(process.env.TEST_SEED ?? usual);
fc.configureGlobal({ seed });
console.log(`random seed ${seed}; TEST_SEED=${seed} runs it again`);
