import { registers } from '@hatband/contract';
import type { Mailbox } from '@hatband/core/mail';
import { findPerson, Person } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { call } from '../api/call.ts';
import { register, settings } from '../api/queries.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './MessageView.module.css';

/** A sender who is known to nobody is made a person with one press. */
export function MakePerson({ mailbox: { name, address } }: { mailbox: Mailbox }) {
  const { data: people } = useQuery(register(registers.people));
  const { data: own } = useQuery(settings);
  const act = useAct('named');
  if (!people || !own || address === '' || own.settings.me.includes(address.toLowerCase())) return null;
  const known = people.items.map(({ body }) => body);
  if (findPerson(known, address)) return null;
  const namesake = people.items.find(({ body }) => body.name.toLowerCase() === name.toLowerCase());
  const keep = () => {
    act.mutate(() => {
      if (!namesake)
        return call(registers.people.add, {
          body: Person.parse({ name: name || address, addresses: [address] }),
        });
      const body = { ...namesake.body, addresses: [...namesake.body.addresses, address.toLowerCase()] };
      return call(registers.people.save, { params: { id: namesake.id }, revision: namesake.revision, body });
    });
  };
  return (
    <>
      {' '}
      <button type="button" className={`link ${css.person ?? ''}`} onClick={keep}>
        {namesake ? 'keep this address of theirs' : 'make a person of them'}
      </button>
      <ErrorLine error={act.error} />
    </>
  );
}
