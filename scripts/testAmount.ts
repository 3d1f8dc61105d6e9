/** How much of something a test takes: the first as a rule, the second under `npm run test:long`. */
export const amount = (usual: number, long: number): number => (process.env.TEST_LONG ? long : usual);
