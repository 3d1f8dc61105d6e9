/**
 * Senders as people paste them, by comma, semicolon or line: `Name <address>` (RFC 5322, section 3.4), addresses,
 * domains, names of people or groups.
 */
export function parseSenders(pasted: string): string[] {
  const senders = split(pasted).map(addressIn).filter(Boolean);
  return [...new Map(senders.map((sender) => [sender.toLowerCase(), sender])).values()];
}

/** A comma within quotes or pointed brackets parts nothing. */
function split(pasted: string): string[] {
  const parts = pasted.match(/(?:"(?:\\.|[^"\\\n])*"|<[^<>\n]*>|[^,;\n])+/g) ?? [];
  return parts.map((part) => part.trim()).filter(Boolean);
}

function addressIn(part: string): string {
  const bracketed = /<([^<>]*)>\s*$/.exec(part)?.[1]?.trim();
  const sender = bracketed ?? part.replace(/^"(.*)"$/, '$1').replace(/^mailto:/i, '');
  return sender.includes('@') ? sender.toLowerCase() : sender;
}
