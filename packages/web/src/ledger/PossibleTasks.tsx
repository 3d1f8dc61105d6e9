import { startByHand, type Arrival } from '@hatband/contract';
import type { MadeTask } from '@hatband/core/rules';
import { wordsOfValue } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Foreign } from '../shared/page/Foreign.tsx';
import { call } from '../api/call.ts';
import { possible } from '../api/queries.ts';
import { Band } from '../shared/page/Band.tsx';
import { dayText, useClock } from '../shared/clock.ts';
import { hueOf } from '../shared/page/hues.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './PossibleTasks.module.css';

/** What a message could become: as it would be if it were let in, and by each rule that is started by hand. */
export function PossibleTasks({ arrival }: { arrival: Arrival }) {
  const { data } = useQuery(possible(arrival.id));
  const act = useAct('arrival', 'task');
  if (!data) return null;
  const isAtDoor = arrival.outcome.gate !== null;
  return (
    <>
      {data.asItWouldBe.length > 0 && (
        <section className={css.group} aria-label="As it would be">
          <h3>It would become</h3>
          {data.asItWouldBe.map((task) => (
            <TaskSketch key={task.itemKey} task={task} />
          ))}
        </section>
      )}
      {!isAtDoor && data.byHand.length > 0 && (
        <section className={css.group} aria-label="Rules by hand">
          <h3>You can make of it</h3>
          {data.byHand.map(({ ruleId, name, band, tasks, problem }) => (
            <div key={ruleId} className={css.choice}>
              <Band band={band} />
              <div className={css.sketches}>
                {tasks.map((task) => (
                  <TaskSketch key={task.itemKey} task={task} />
                ))}
                {problem && <p className={css.problem}>{problem}</p>}
                <Button
                  size="small"
                  loading={act.isPending}
                  onClick={() => {
                    act.mutate(() => call(startByHand, { params: { id: arrival.id }, body: { ruleId } }));
                  }}
                >
                  {name}
                </Button>
              </div>
            </div>
          ))}
          <ErrorLine error={act.error} />
        </section>
      )}
    </>
  );
}

const SHOWN = ['due', 'start', 'deadline', 'priority', 'project', 'section', 'assignee', 'tags'] as const;

/** A task that is not made yet, in its fields. */
function TaskSketch({ task: { fields } }: { task: MadeTask }) {
  const clock = useClock();
  const built = SHOWN.flatMap((field) => {
    const value = fields[field];
    const words = Array.isArray(value) ? value.join(', ') : value;
    return words === null || words === '' ? [] : [{ field, words: asDay(words, clock.today) }];
  });
  const own = Object.entries(fields.fields).map(([field, value]) => ({ field, words: wordsOfValue(value) }));
  return (
    <div className={css.sketch}>
      <b>
        <Foreign words={fields.title} />
      </b>
      {[...built, ...own].map(({ field, words }) => (
        <span key={field}>
          <i style={{ color: hueOf(field) }}>{field}</i> {words}
        </span>
      ))}
    </div>
  );
}

const asDay = (words: string, today: string) =>
  /^\d{4}-\d\d-\d\d(T|$)/.test(words) ? dayText(words, today) : words;
