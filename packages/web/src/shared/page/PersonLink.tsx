import type { Mailbox } from '@hatband/core/mail';
import { Link } from 'react-router';
import { Foreign } from './Foreign.tsx';

/** Somebody's name, which leads to their mail and tasks. */
export function PersonLink({ who: { name, address }, tabIndex }: { who: Mailbox; tabIndex?: number }) {
  if (name === '' && address === '') return 'no sender';
  return (
    <Link
      to={`/people/${encodeURIComponent(address || name)}`}
      className="person"
      {...(tabIndex === undefined ? {} : { tabIndex })}
    >
      <Foreign words={name || address} />
    </Link>
  );
}
