import type { Knex } from 'knex';

/** Rules, each beside the version that went live last. */
export const withLive = (db: Knex) =>
  db('rules').leftJoin('rule_versions', {
    'rule_versions.rule_id': 'rules.id',
    'rule_versions.version': 'rules.version',
  });
