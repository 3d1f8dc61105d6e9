import type { Knex } from 'knex';
import { inflateRawSync } from 'node:zlib';

/** One order by hand for all projects; lists that are ticked off; tasks that wait, or were merged; search. */
export async function up(db: Knex): Promise<void> {
  await db.raw('DROP INDEX acts_at_index');
  await db.raw(
    'UPDATE tasks SET place = ordered.n FROM (SELECT id, row_number() OVER (ORDER BY place, id) AS n FROM tasks) AS ordered WHERE ordered.id = tasks.id',
  );
  await db.raw('CREATE INDEX tasks_by_hand ON tasks (place)');
  await db.raw(
    `UPDATE tasks SET checklist = (SELECT json_group_array(json_object('text', value, 'done', json('false'))) FROM json_each(checklist)) WHERE checklist <> '[]'`,
  );
  await db.schema.alterTable('tasks', (t) => {
    t.text('waiting_for');
    t.text('waiting_until');
  });
  await db.raw('ALTER TABLE tasks ADD COLUMN merged_into INTEGER REFERENCES tasks (id)');
  await db.raw('CREATE INDEX tasks_waiting ON tasks (waiting_for) WHERE waiting_for IS NOT NULL');
  await db.raw('CREATE INDEX tasks_merged ON tasks (merged_into) WHERE merged_into IS NOT NULL');
  await db.raw('CREATE INDEX arrivals_by_thread ON arrivals (thread_id)');
  await db.raw('CREATE INDEX comments_by_arrival ON comments (arrival_id)');
  await searchTasks(db);
  await searchMessages(db);
}

const SEARCHED = (name: string, columns: string) =>
  `CREATE VIRTUAL TABLE ${name} USING fts5(${columns}, tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3')`;

const WORDS = `concat_ws(' ', NEW.assignee, NEW.section, NEW.notes, (SELECT group_concat(atom, ' ') FROM json_tree(NEW.own_fields) WHERE atom IS NOT NULL), (SELECT group_concat(value, ' ') FROM json_each(NEW.tags)), (SELECT group_concat(value ->> 'text', ' ') FROM json_each(NEW.checklist)))`;

/** Triggers keep what is searched by what is written. */
async function searchTasks(db: Knex): Promise<void> {
  await db.raw(SEARCHED('task_search', 'title, words, comments'));
  await db.raw(
    `CREATE TRIGGER task_search_add AFTER INSERT ON tasks BEGIN INSERT INTO task_search (rowid, title, words, comments) VALUES (NEW.id, NEW.title, ${WORDS}, ''); END`,
  );
  await db.raw(
    `CREATE TRIGGER task_search_change AFTER UPDATE OF title, assignee, section, notes, own_fields, tags, checklist ON tasks BEGIN UPDATE task_search SET title = NEW.title, words = ${WORDS} WHERE rowid = NEW.id; END`,
  );
  await db.raw(
    'CREATE TRIGGER task_search_remove AFTER DELETE ON tasks BEGIN DELETE FROM task_search WHERE rowid = OLD.id; END',
  );
  await db.raw(
    `CREATE TRIGGER task_search_comment AFTER INSERT ON comments BEGIN UPDATE task_search SET comments = comments || ' ' || NEW.text WHERE rowid = NEW.task_id; END`,
  );
  await db.raw(
    `INSERT INTO task_search (rowid, title, words, comments) SELECT id, title, ${WORDS.replaceAll('NEW.', '')}, coalesce((SELECT group_concat(text, ' ') FROM comments WHERE task_id = tasks.id), '') FROM tasks`,
  );
}

interface OldReading {
  message: {
    subject: string;
    from: OldMailbox | null;
    to: OldMailbox[];
    cc: OldMailbox[];
    text: string;
    attachments: { name: string }[];
  };
  anatomy: { who: OldMailbox | null };
}
interface OldMailbox {
  name: string;
  address: string;
}

async function searchMessages(db: Knex): Promise<void> {
  await db.raw(SEARCHED('message_search', 'subject, people, text, attachments'));
  const rows = await db('arrivals')
    .where({ state: 'applied' })
    .whereNotNull('reading_id')
    .select('id', 'reading_id');
  for (const { id, reading_id } of rows) {
    const reading = await db('readings')
      .where({ id: reading_id ?? 0 })
      .first('body');
    if (!reading) continue;
    const { message, anatomy } = JSON.parse(inflateRawSync(reading.body).toString()) as OldReading;
    const people = [message.from, anatomy.who, ...message.to, ...message.cc];
    await db.raw(
      'INSERT INTO message_search (rowid, subject, people, text, attachments) VALUES (?, ?, ?, ?, ?)',
      [
        id,
        message.subject,
        people.map((who) => (who ? `${who.name} ${who.address}` : '')).join(' '),
        message.text,
        message.attachments.map(({ name }) => name).join(' '),
      ],
    );
  }
}
