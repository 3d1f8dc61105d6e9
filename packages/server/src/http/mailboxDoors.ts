import * as contract from '@hatband/contract';
import type { Express } from 'express';
import { missing } from '../errors.ts';
import * as mailboxes from '../mailbox/mailboxes.ts';
import { testConnection } from '../mailbox/testConnection.ts';
import { changePractice, movePractice } from '../practice/account.ts';
import * as practice from '../practice/practice.ts';
import { sendLetter } from '../practice/send.ts';
import { keepRulesSound } from '../rules/keepSound.ts';
import { answer } from './answer.ts';
import type { AppOptions } from './options.ts';

/** Watched mailboxes. */
export function answerMailboxes(app: Express, options: AppOptions): void {
  const { store, secrets, clock, post } = options;
  const list = async () => ({ items: await mailboxes.listMailboxes(store, post().stateOf) });
  const changed = async (work: Promise<unknown>) => {
    await work;
    await post().load();
    return list();
  };
  answer(app, contract.listMailboxes, list);
  answer(app, contract.addMailbox, ({ body }) =>
    changed(store.write((trx) => mailboxes.insertMailbox(trx, body, secrets, clock))),
  );
  answer(app, contract.saveMailbox, ({ params: { id }, body, revision }) =>
    changed(mailboxes.saveMailbox(store, { id, revision }, body, secrets, clock)),
  );
  answer(app, contract.pauseMailbox, ({ params: { id }, body, revision }) =>
    changed(mailboxes.pauseMailbox(store, { id, revision }, body.paused, clock)),
  );
  answer(app, contract.removeMailbox, ({ params: { id }, revision }) =>
    changed(mailboxes.removeMailbox(store, keepRulesSound(options.user), { id, revision }, clock)),
  );
  answer(app, contract.testMailbox, async ({ body: { settings, password, id } }) => {
    if (settings.kind === 'practice') return { problems: [], folders: [...contract.PRACTICE_FOLDERS] };
    const given = password ?? (await mailboxes.keptPassword(store, id, settings, secrets));
    return testConnection(settings, given);
  });
}

/** The practice mailbox. */
export function answerPractice(app: Express, options: AppOptions): void {
  const { store, clock, domain, smtp, practiceNews: news } = options;
  const own = async () => {
    const [row] = (await mailboxes.mailboxRows(store.read)).filter(({ kind }) => kind === 'practice');
    const [first] = row ? mailboxes.settingsOf(row).addresses : [];
    return first ?? 'you@practice.example';
  };
  answer(app, contract.listPractice, async () => ({
    ...(await practice.listPractice(store)),
    own: await own(),
  }));
  answer(app, contract.layPractice, async () => {
    await practice.layPractice(store, await own(), clock);
    news.emit('news');
    return {};
  });
  answer(app, contract.sendPractice, async ({ body }) => {
    const sending = { store, news, clock, own: await own(), domain, smtp: smtp() };
    const delivered = await sendLetter(sending, body);
    return { delivered };
  });
  answer(app, contract.getPractice, ({ params: { id } }) => practice.getPractice(store, id));
  answer(app, contract.markPractice, async ({ params: { id }, body: { folder, labels, ...marks } }) => {
    const { uid: now, folder: from } = await practice.practiceRow(store, id);
    if (Object.keys(marks).length > 0 || labels)
      await changePractice({ store, news }, now, () => ({
        ...(marks.seen === undefined ? {} : { seen: marks.seen }),
        ...(marks.flagged === undefined ? {} : { flagged: marks.flagged }),
        ...(labels ? { labels: JSON.stringify(labels) } : {}),
      }));
    const uid =
      folder === undefined || folder === from ? now : await movePractice({ store, news, clock }, now, folder);
    return { uid };
  });
  answer(app, contract.showPractice, async ({ params: { id } }) => {
    const arrivalId = await practice.showPractice(options, id);
    if (arrivalId === 0) throw missing('message in the practice mailbox');
    return { arrivalId };
  });
}
