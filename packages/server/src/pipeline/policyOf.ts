import { Policy } from '@hatband/core/intake';
import { parseJson, type AddressRow } from '../store/index.ts';

/** How the way in treats its mail. */
export const policyOf = ({ policy }: Pick<AddressRow, 'policy'>): Policy => parseJson(Policy, policy);
