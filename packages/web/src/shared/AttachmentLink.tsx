import { attachmentPath } from '@hatband/contract';

/** An attachment of a message, as a download. */
export function AttachmentLink({ arrivalId, n, name }: { arrivalId: number; n: number; name: string }) {
  return (
    <a href={attachmentPath.replace(':id', String(arrivalId)).replace(':n', String(n))} download>
      {name}
    </a>
  );
}
