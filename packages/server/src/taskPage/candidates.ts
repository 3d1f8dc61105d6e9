import type { TaskCandidate, TaskChange, Task } from '@hatband/contract';
import { dayText } from '@hatband/core/dates';
import { localTime, Reading } from '@hatband/core/reading';
import { candidatesIn, referenceOf, type Candidate, type SoughtField } from '@hatband/core/rules';
import { dayOfInstant, Person, sayDuration, wordsOfValue, type Value } from '@hatband/core/tasks';
import type { Clock } from '../clock.ts';
import { listProjects } from '../named/projects.ts';
import { listNamed } from '../named/registers.ts';
import type { UserNow } from '../settings/user.ts';
import { inflateJson, type Store } from '../store/index.ts';
import { getTask } from '../tasks/tasks.ts';

/** A field in which candidates are looked for, and the change that takes one of them. */
interface Open {
  sought: SoughtField;
  now: Value | null;
  change: (value: Value) => TaskChange;
}

/** What the mail of a task holds that could stand in its fields, and does not. */
export async function candidatesOf(
  store: Store,
  user: UserNow,
  id: number,
  clock: Clock,
): Promise<TaskCandidate[]> {
  const task = await getTask(store, id);
  const arrival = await store.read('arrivals').where({ id: task.arrivalId }).first();
  const row = await store
    .read('readings')
    .where({ id: arrival?.reading_id ?? 0 })
    .first('body');
  if (!arrival || !row) return [];
  const reading = inflateJson(Reading, row.body);
  const { context } = await user();
  const reference = referenceOf(reading, localTime(arrival.received_at, context.zone));
  const people = (await listNamed(store.read, 'people', Person)).map(({ body }) => body);
  const today = dayOfInstant(clock().toISOString(), context.zone);
  return (await openFields(store, task)).flatMap(({ sought, now, change }) =>
    candidatesIn(reading, sought, { ...context, people, reference }).flatMap(
      ({ value, spans }: Candidate) => {
        if (isThere(value, now)) return [];
        const words = wordsIn(sought.kind, value, today);
        // A choice more leaves those that were made.
        const whole = Array.isArray(value) && Array.isArray(now) ? [...now, ...value] : value;
        return [{ field: sought.name, words, change: change(whole), spans }];
      },
    ),
  );
}

const isThere = (value: Value, now: Value | null): boolean =>
  Array.isArray(value) && Array.isArray(now)
    ? value.every((each) => now.includes(each))
    : JSON.stringify(value) === JSON.stringify(now);

const wordsIn = (kind: SoughtField['kind'], value: Value, today: string): string => {
  const words = wordsOfValue(value);
  if (kind === 'date' || kind === 'date and time') return dayText(words, today);
  return kind === 'duration' ? sayDuration(words) : words;
};

async function openFields(store: Store, task: Task): Promise<Open[]> {
  const projects = await listProjects(store.read);
  const project = projects.find(({ id }) => id === task.project?.id);
  const field = (name: string, kind: SoughtField['kind'], choices: readonly string[] = []): SoughtField => ({
    name,
    kind,
    choices,
    decimal: null,
  });
  const idOf = (name: Value) => projects.find((each) => each.name === name)?.id;
  return [
    ...(['due', 'start', 'deadline'] as const).map((name) => ({
      sought: field(name, 'date and time'),
      now: task[name],
      change: (value: Value) => ({ [name]: value }),
    })),
    {
      sought: field('project', 'project', projects.map(({ name }) => name)),
      now: task.project?.name ?? null,
      change: (value) => ({ project: idOf(value) ?? null }),
    },
    { sought: field('assignee', 'person'), now: task.assignee, change: inWords('assignee') },
    { sought: field('section', 'choice', project?.sections), now: task.section, change: inWords('section') },
    { sought: field('effort', 'duration'), now: task.effort, change: inWords('effort') },
    ...(project?.fields ?? []).map(({ name, kind, choices, decimal }) => ({
      sought: { name, kind, choices, decimal },
      now: task.fields[name] ?? null,
      change: (value: Value) => ({ fields: { [name]: value } }),
    })),
  ]; // prettier-ignore
}

const inWords = (name: 'assignee' | 'section' | 'effort') => (value: Value) => ({
  [name]: wordsOfValue(value),
});
