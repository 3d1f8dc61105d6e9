import fc from 'fast-check';

const seed = Number(process.env.TEST_SEED ?? Date.now() % 1_000_000_000);
fc.configureGlobal({ seed });
console.log(`random seed ${seed}; TEST_SEED=${seed} runs it again`);
