import type { AddressRow, Store } from '../store/index.ts';

export interface Recipient {
  address: AddressRow;
  plusWord: string | null;
}

/** The intake addresses that receive, kept in memory: each RCPT asks for one. */
export interface Directory {
  /** The intake address behind `local+word@domain` (any case), or null where there is none that receives. */
  find: (address: string) => Recipient | null;
  /** To be called after addresses were added or renewed, before anybody is told of it. */
  load: () => Promise<void>;
}

export async function openDirectory(store: Store, domain: string): Promise<Directory> {
  let byLocalPart = new Map<string, AddressRow>();
  const load = async () => {
    const rows = await store.read('addresses').whereNull('retired_at');
    byLocalPart = new Map(rows.map((row) => [row.local_part, row]));
  };
  const find = (address: string) => {
    const at = address.lastIndexOf('@');
    if (address.slice(at + 1).toLowerCase() !== domain) return null;
    const [local = '', ...plus] = address.slice(0, at).split('+');
    const found = byLocalPart.get(local.toLowerCase());
    return found ? { address: found, plusWord: plus.length > 0 ? plus.join('+') : null } : null;
  };
  await load();
  return { find, load };
}
