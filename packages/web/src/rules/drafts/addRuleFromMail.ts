import { addRule, type ArrivalSheet, type Rule } from '@hatband/contract';
import { call } from '../../api/call.ts';
import { ruleFromMail } from './ruleFromMail.ts';

/** Apart from the Ledger, which stands before the rules are loaded. */
export const addRuleFromMail = (sheet: ArrivalSheet): Promise<Rule> =>
  call(addRule, { body: { definition: ruleFromMail(sheet) } });
