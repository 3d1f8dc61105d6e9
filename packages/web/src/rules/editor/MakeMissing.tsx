import { addProject, registers } from '@hatband/contract';
import type { Misfit } from '@hatband/core/rules';
import { Person } from '@hatband/core/tasks';
import { call } from '../../api/call.ts';
import { ErrorLine } from '../../shared/page/Page.tsx';
import { useAct } from '../../shared/useAct.ts';
import { LinkButton } from '../../shared/page/LinkButton.tsx';

type Lack = NonNullable<Misfit['lacks']>;

const make = ({ what, name }: Lack) =>
  what === 'project'
    ? call(addProject, { body: { name } })
    : call(registers.people.add, { body: Person.parse({ name }) });

/** Makes what a rule names and is not there, without leaving the rule. */
export function useMake() {
  const act = useAct('project', 'named');
  return {
    ...act,
    make: (lack: Lack, onMade?: () => void) => {
      act.mutate(() => make(lack), { onSuccess: onMade });
    },
  };
}

export function MakeMissing({ lacks }: { lacks: Lack }) {
  const { make: makeIt, error, isPending } = useMake();
  return (
    <>
      <LinkButton
        disabled={isPending}
        onClick={() => {
          makeIt(lacks);
        }}
      >
        Add the {lacks.what} “{lacks.name}”
      </LinkButton>
      <ErrorLine error={error} />
    </>
  );
}
