import { openProof } from '@hatband/core/dryrun';
import { Context, Incoming, RuleVersion } from '@hatband/core/rules';
import { z } from 'zod';

const Job = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('samples'),
    samples: z.array(z.object({ id: z.number(), incoming: Incoming })),
    context: Context,
  }),
  z.object({ kind: z.literal('live'), live: z.array(RuleVersion) }),
  z.object({
    kind: z.literal('prove'),
    ticket: z.number(),
    next: z.array(RuleVersion),
    ruleId: z.string(),
  }),
]);
export type ProofJob = z.infer<typeof Job>;

let samples: { id: number; incoming: Incoming }[] = [];
let context = Context.parse({});
let live: RuleVersion[] = [];
/** What the live rules make of the samples, once it is asked for. */
let prove: ReturnType<typeof openProof<number>> | null = null;

self.onmessage = ({ data }: MessageEvent<unknown>) => {
  const job = Job.parse(data);
  if (job.kind === 'prove') {
    prove ??= openProof(samples, live, context);
    self.postMessage({ ticket: job.ticket, proofs: prove(job.next, job.ruleId) });
    return;
  }
  prove = null;
  if (job.kind === 'samples') ({ samples, context } = job);
  else ({ live } = job);
};
