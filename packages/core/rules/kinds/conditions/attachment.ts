import { quoted } from '../../../tasks/index.ts';
import { z } from 'zod';
import { findWords, fold } from '../../../languages/index.ts';
import { answer, conditionKind } from './kind.ts';

export const attachment = conditionKind(
  z.strictObject({
    kind: z.literal('attachment'),
    name: z.array(z.string().trim().min(1)).default([]),
    type: z.array(z.string().trim().toLowerCase().min(1)).default([]),
    /** In bytes. */
    largerThan: z.number().int().min(0).nullable().default(null),
  }),
  {
    label: 'attachment',
    doc: 'It has an attachment; if you say so, one with words in its name, of a media type (`application/pdf`, `image/`), or larger than so many bytes.',
    compile: ({ name, type, largerThan }) => {
      const finders = name.map((each) => findWords(each));
      return ({ incoming: { reading } }) => {
        // One whose content was not kept has nothing to offer.
        const attachments = reading.message.attachments.filter(({ size }) => size > 0);
        const fit = attachments.find(
          (each) =>
            (finders.length === 0 || finders.some((find) => find(fold(each.name)).length > 0)) &&
            (type.length === 0 || type.some((wanted) => each.type.toLowerCase().startsWith(wanted))) &&
            (largerThan === null || each.size > largerThan),
        );
        return answer(
          fit !== undefined,
          fit?.name ?? (attachments.map((a) => a.name).join(', ') || 'no attachment'),
        );
      };
    },
    say: ({ name, type, largerThan }) =>
      [
        'has an attachment',
        ...(name.length === 0 ? [] : [`with ${quoted(name)} in its name`]),
        ...(type.length === 0 ? [] : [`of the type ${type.join(' or ')}`]),
        ...(largerThan === null ? [] : [`larger than ${largerThan} bytes`]),
      ].join(' '),
    terms: () => [['attachment']],
  },
);
