import { Policy } from '@hatband/core/intake';
import { sameName } from '@hatband/core/tasks';
import type { Clock } from '../clock.ts';
import { parseJson, type AddressRow, type Store } from '../store/index.ts';

/** A way in that a message came by. */
export interface Recipient {
  address: AddressRow;
  policy: Policy;
  plusWord: string | null;
}

/** The intake addresses, kept in memory: each RCPT asks for one. */
export interface Directory {
  /** The intake address behind `local+word@domain` (any case). */
  find: (address: string) => Recipient | 'unknown' | 'renewed' | 'paused' | 'not loaded';
  /** The intake address that `own+plus@domain` means, of mail in a mailbox whose addresses these are. */
  findPlus: (address: string, own: readonly string[]) => Recipient | null;
  byId: (id: number) => Recipient | null;
}

/** What an address may change with. */
const KINDS = ['address', 'project', 'mailbox'] as const;

/** `onFault`: the addresses could not be read anew after a change; those of before stand. */
export async function openDirectory(
  store: Store,
  domain: string,
  clock: Clock,
  onFault: (error: unknown) => void,
): Promise<Directory> {
  let all = new Map<string, Recipient>();
  const load = async () => {
    const rows = await store.read('addresses');
    all = new Map(
      rows.map((address) => [
        address.local_part,
        { address, policy: parseJson(Policy, address.policy), plusWord: null },
      ]),
    );
  };
  const usable = (found: Recipient | undefined, plusWord: string | null) => {
    if (!found || found.address.target_kind === 'mailbox') return 'unknown';
    const { retired_at, grace_until, paused_at } = found.address;
    if (retired_at !== null && (grace_until ?? '') <= clock().toISOString()) return 'renewed';
    return paused_at === null ? { ...found, plusWord } : 'paused';
  };
  await load();
  // Before whoever made the change tells anybody of it.
  store.onChange((kinds) => (KINDS.some((kind) => kinds.has(kind)) ? load().catch(onFault) : undefined));
  return {
    find: (address) => {
      // Without an address book nothing is known to be unknown.
      if (all.size === 0) return 'not loaded';
      const { local, plus, at } = partsOf(address);
      return at === domain ? usable(all.get(local), plus.join('+') || null) : 'unknown';
    },
    findPlus: (address, own) => {
      const { local, plus, at } = partsOf(address);
      const [word = '', ...rest] = plus;
      if (word === '' || !own.includes(`${local}@${at}`)) return null;
      const meant = [...all.values()].find(
        (each) => each.address.retired_at === null && sameName(each.address.plus_word ?? '', word),
      );
      const found = usable(meant, rest.join('+') || null);
      return typeof found === 'string' ? null : found;
    },
    byId: (id) => [...all.values()].find(({ address }) => address.id === id) ?? null,
  };
}

/** Of `local+plus@at`; all but the plus-words in lower case. */
function partsOf(address: string) {
  const end = address.lastIndexOf('@');
  const [local = '', ...plus] = address.slice(0, end).split('+');
  return { local: local.toLowerCase(), plus, at: address.slice(end + 1).toLowerCase() };
}
