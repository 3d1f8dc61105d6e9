import { listAddresses, sendPractice } from '@hatband/contract';
import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link } from 'react-router';
import { call } from '../api/call.ts';
import { useRefresh } from '../api/stale.ts';
import { ErrorLine, Notice } from '../shared/page/Page.tsx';

const LETTER = {
  subject: 'Loan form for the tide dial',
  text: 'Hello,\n\nplease return the signed loan form by Friday. It is urgent.\n\nThank you,\nOrla Finch',
};

/** A Hatband without mail: a practice letter becomes the first task, before any address is given away. */
export function FirstTask() {
  const refresh = useRefresh();
  const send = useMutation({
    mutationFn: async () => {
      const { items } = await call(listAddresses);
      const inbox = items.find(({ target }) => target.kind === 'inbox')?.address ?? '';
      const { delivered } = await call(sendPractice, { body: { ...LETTER, to: inbox } });
      const refused = delivered.find(({ ok }) => !ok);
      if (refused) throw new Error(refused.words);
    },
    onSuccess: () => refresh('arrival'),
  });
  return (
    <Notice title="No mail yet">
      <p>Try it with a practice letter: it comes in like any other mail and becomes your first task.</p>
      <p>
        <Button
          type="primary"
          loading={send.isPending}
          onClick={() => {
            send.mutate();
          }}
        >
          Send a practice letter
        </Button>
      </p>
      <ErrorLine error={send.error} />
      <p>
        Open it here then, and press “Make a rule from this mail”. Your own mail comes in by the addresses and
        mailboxes under <Link to="/intake">Intake</Link>.
      </p>
    </Notice>
  );
}
