import { dayOfInstant, instantsOf, Person, type FilterContext } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { inboxRequirements, listProjects } from '../named/projects.ts';
import { listNamed } from '../named/registers.ts';
import type { UserNow } from '../settings/user.ts';

/** What filters are worked out with now, and when today began. */
export async function filterContext(
  db: Knex,
  user: UserNow,
  clock: Clock,
): Promise<{ context: FilterContext; midnight: string }> {
  const { zone, calendar } = (await user()).context;
  const today = dayOfInstant(clock().toISOString(), zone);
  const [projects, inbox, people] = await Promise.all([
    listProjects(db),
    inboxRequirements(db),
    listNamed(db, 'people', Person),
  ]);
  return {
    context: {
      today,
      zone,
      calendar,
      requirements: { inbox, projects: new Map(projects.map(({ id, requirements }) => [id, requirements])) },
      people: people.map(({ body }) => body),
    },
    midnight: instantsOf({ from: today, to: null }, zone).from ?? '',
  };
}
