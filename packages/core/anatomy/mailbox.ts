import type { Mailbox } from '../mail/index.ts';

const ADDRESS = /[^\s<>"'()[\]:;,]+@[^\s<>"'()[\]:;,]+/;

/** `Name <address>`, `"Name" [mailto:address]`, `Name (address)`, a bare address or a bare name. */
export function parseMailbox(text: string): Mailbox | null {
  const plain = text.slice(0, 1000).replace(/<mailto:[^>]*>(?=>)/gi, '');
  const address = ADDRESS.exec(plain);
  if (!address) {
    const name = plain.replace(/^["'\s]+|["'\s,;:]+$/g, '');
    return name === '' ? null : { name, address: '' };
  }
  const before = cleanName(plain.slice(0, address.index).replace(/[<[(]+\s*(?:mailto:)?\s*$/i, ''));
  const after = /^\s*[>)\]]*\s*\(([^()]+)\)/.exec(plain.slice(address.index + address[0].length))?.[1] ?? '';
  const found = address[0].replace(/[.>]+$/, '');
  const name = before === '' ? cleanName(after) : before;
  return { name: name.toLowerCase() === found.toLowerCase() ? '' : name, address: found };
}

const cleanName = (name: string) => name.replace(/^["'\s,;]+|["'\s,;(<[]+$/g, '').replace(/\s+/g, ' ');
