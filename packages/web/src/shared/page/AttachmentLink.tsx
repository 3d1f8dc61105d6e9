import { attachmentPath } from '@hatband/contract';
import { Foreign } from './Foreign.tsx';

interface Props {
  arrivalId: number;
  n: number;
  name: string;
  /** In bytes. */
  size: number;
}

/** An attachment of a message, as a download; one whose content is not there is only named. */
export function AttachmentLink({ arrivalId, n, name, size }: Props) {
  if (size === 0)
    return (
      <span>
        <Foreign words={name} /> (content not kept)
      </span>
    );
  return (
    <a href={attachmentPath.replace(':id', String(arrivalId)).replace(':n', String(n))} download>
      <Foreign words={name} />
    </a>
  );
}
