import { isMeant, whoIsMeant, type Context } from '../rules/index.ts';
import type { Policy, Remedy } from './policy.ts';

/** What is known of a message at the door. `sender`: as its header says; headers can be forged. */
export interface Knock {
  sender: string | null;
  /** In bytes. */
  size: number;
  /** How many came by the same way today. */
  today: number;
}

export interface Verdict {
  failure: 'unwelcome sender' | 'over a limit';
  remedy: Remedy;
  /** For the sender and the user alike. */
  words: string;
  /** It will never be taken as it is. */
  permanent: boolean;
}

const MB = 1024 * 1024;

/** Whether a policy lets a message in: null, or what stands against it. */
export function judge(policy: Policy, knock: Knock, context: Pick<Context, 'me' | 'people'>): Verdict | null {
  const { failures, perDay, largest } = policy;
  const overLimit = (words: string, permanent: boolean): Verdict => ({
    failure: 'over a limit',
    remedy: permanent && failures['over a limit'] === 'try again' ? 'refuse' : failures['over a limit'],
    words,
    permanent,
  });
  if (isAmong(policy.blocked, knock.sender, context))
    return {
      failure: 'unwelcome sender',
      remedy: 'refuse',
      words: 'This sender is blocked here.',
      permanent: true,
    };
  if (!isWelcome(policy, knock.sender, context))
    return {
      failure: 'unwelcome sender',
      remedy: failures['unwelcome sender'],
      words: 'This address takes mail only from people who were named for it.',
      permanent: true,
    };
  if (largest !== null && knock.size > largest * MB)
    return overLimit(`This address takes messages of at most ${String(largest)} MB.`, true);
  if (perDay !== null && knock.today >= perDay)
    return overLimit(`This address takes at most ${String(perDay)} messages a day.`, false);
  return null;
}

function isWelcome(
  { senders }: Policy,
  sender: string | null,
  context: Pick<Context, 'me' | 'people'>,
): boolean {
  if (senders.kind === 'anyone') return true;
  return isAmong(senders.kind === 'me' ? ['me'] : senders.who, sender, context);
}

const isAmong = (
  who: readonly string[],
  sender: string | null,
  context: Pick<Context, 'me' | 'people'>,
): boolean => sender !== null && who.length > 0 && isMeant(whoIsMeant(who, context), sender.toLowerCase());
