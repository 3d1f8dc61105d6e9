import { dayOfInstant, midnight, Person, plusDays } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { inboxRequirements, listProjects } from '../named/projects.ts';
import { listNamed } from '../named/registers.ts';
import type { Asked } from '../tasks/query/listTasks.ts';
import type { UserNow } from '../settings/user.ts';

const DAYS_IN_BIN = 30;

/** What filters and scopes are worked out with now. */
export async function filterContext(db: Knex, user: UserNow, clock: Clock): Promise<Asked> {
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
    since: {
      today,
      completed: midnight(today, zone),
      deleted: midnight(plusDays(today, -DAYS_IN_BIN, 'days', calendar), zone),
    },
  };
}
