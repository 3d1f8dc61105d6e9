import { registers } from '@hatband/contract';
import { parseVcards, writeVcards } from '@hatband/core/formats';
import { findPerson, type Person } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { register } from '../api/queries.ts';
import { FileButton } from '../shared/forms/FileButton.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './Settings.module.css';

const { people } = registers;

/** People come in from a file of vCards and go out to one (RFC 6350). */
export function PeopleCards() {
  const { data } = useQuery(register(people));
  const [said, setSaid] = useState<string | null>(null);
  const act = useAct('named');
  // Who is known already has to be known first.
  if (!data) return null;
  const { items } = data;
  const take = (file: File) => {
    setSaid(null);
    act.mutate(async () => {
      const { people: given, problems } = parseVcards(await file.text());
      const fresh = given.filter(
        (person) =>
          !isKnown(
            person,
            items.map(({ body }) => body),
          ),
      );
      for (const body of fresh) await call(people.add, { body });
      const known = given.length - fresh.length;
      setSaid(
        [
          `${String(fresh.length)} new`,
          ...(known > 0 ? [`${String(known)} known already`] : []),
          ...problems,
        ].join(', '),
      );
    });
  };
  return (
    <div className={css.cards}>
      <FileButton words="bring in vCards …" name="a file of vCards" accept=".vcf,text/vcard" onFile={take} />
      <a
        href={`data:text/vcard;charset=utf-8,${encodeURIComponent(writeVcards(items.map(({ body }) => body)))}`}
        download="people.vcf"
      >
        all as vCards
      </a>
      <span role="status">{said}</span>
      <ErrorLine error={act.error} />
    </div>
  );
}

const isKnown = ({ name, addresses }: Person, known: readonly Person[]) =>
  [name, ...addresses].some((words) => findPerson(known, words) !== undefined);
