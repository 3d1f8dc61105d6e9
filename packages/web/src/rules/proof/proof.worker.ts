import { prove } from '@hatband/core/dryrun';
import { Context, Incoming, RuleVersion } from '@hatband/core/rules';
import { z } from 'zod';

const Job = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('samples'),
    samples: z.array(z.object({ id: z.number(), incoming: Incoming })),
    context: Context,
  }),
  z.object({
    kind: z.literal('prove'),
    ticket: z.number(),
    live: z.array(RuleVersion),
    next: z.array(RuleVersion),
    ruleId: z.string(),
  }),
]);
export type ProofJob = z.infer<typeof Job>;

let samples: { id: number; incoming: Incoming }[] = [];
let context = Context.parse({});

self.onmessage = ({ data }: MessageEvent<unknown>) => {
  const job = Job.parse(data);
  if (job.kind === 'samples') ({ samples, context } = job);
  else
    self.postMessage({
      ticket: job.ticket,
      proofs: prove(samples, job.live, job.next, job.ruleId, context),
    });
};
