import { blockSender, letIn, type Arrival } from '@hatband/contract';
import { Button } from 'antd';
import { call } from '../api/call.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './ReadingSheet.module.css';

/** Why a message waits at the door, and who decides: no rule was asked yet. */
export function DoorNote({ arrival }: { arrival: Arrival }) {
  const act = useAct('arrival', 'task', 'address');
  const { gate } = arrival.outcome;
  if (!gate) return null;
  const params = { id: arrival.id };
  const isStranger = gate.why === 'unwelcome sender';
  const let_ = (sender: 'once' | 'from now on') => () => {
    act.mutate(() => call(letIn, { params, body: { sender } }));
  };
  return (
    <section className={css.held} aria-label="At the door">
      <p>
        <b>Waits at the door.</b> {gate.words} No rule has been asked.
      </p>
      <div className={css.choices}>
        <Button size="small" type="primary" loading={act.isPending} onClick={let_('once')}>
          Let this one in
        </Button>
        {isStranger && (
          <>
            <Button size="small" onClick={let_('from now on')}>
              Let {arrival.from.address} in from now on
            </Button>
            <Button
              size="small"
              danger
              onClick={() => {
                act.mutate(() => call(blockSender, { params }));
              }}
            >
              Block this sender
            </Button>
          </>
        )}
      </div>
      <ErrorLine error={act.error} />
    </section>
  );
}
