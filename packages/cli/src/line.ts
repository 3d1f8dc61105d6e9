import { wordsOf } from '@hatband/core/anatomy';
import type { Reading } from '@hatband/core/reading';
import { evaluateBuiltIn } from '@hatband/core/rules';

/** The JSON line of one message, as docs/READING.md lays it down. */
export function lineOf(file: string, reading: Reading) {
  const { message, anatomy, warnings } = reading;
  const latest = wordsOf(message.text, anatomy, 'latest');
  const note = wordsOf(message.text, anatomy, 'note');
  const { items } = reading.facts;
  const outcome = evaluateBuiltIn(reading);
  return {
    file,
    subject: message.subject,
    originalSubject: anatomy.originalSubject ?? message.subject,
    who: { address: anatomy.who?.address.toLowerCase() || null, name: anatomy.who?.name || null },
    sentAt: anatomy.sentAt,
    note,
    latest,
    attachments: message.attachments.map(({ name, type, size }) => ({ name, type, size })),
    tasks: outcome.tasks.map(({ fields, evidence }, i) => ({
      title: fields.title,
      due: fields.due,
      priority: fields.priority,
      owner: items[i]?.owner ?? null,
      notes: items[i]?.notes ?? latest,
      evidence: Object.fromEntries(Object.entries(evidence).map(([field, { spans }]) => [field, spans])),
    })),
    warnings,
  };
}
