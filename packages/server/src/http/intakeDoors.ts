import * as contract from '@hatband/contract';
import { writeVcards } from '@hatband/core/formats';
import type { Express, Request } from 'express';
import { Failure, missing } from '../errors.ts';
import * as addresses from '../intake/addresses.ts';
import { collect } from '../intake/byteBudget.ts';
import type { Recipient } from '../intake/directory.ts';
import type { Receipt } from '../intake/receive.ts';
import { SIZE_LIMIT } from '../limits.ts';
import { ownAddresses } from '../mailbox/mailboxes.ts';
import { answer, parseInput } from './answer.ts';
import type { AppOptions } from './options.ts';

/**
 * Messages that programs hand in over HTTP; the token of the address lets them in, without a session. Nothing of a body
 * is kept before its address and token were looked at.
 */
export function takeHandedIn(app: Express, { directory, receive, budget }: AppOptions): void {
  app.post(contract.intakePath, async (request, response) => {
    const recipient = admittedBy(directory.find(request.params.address), request);
    const body = collect(request, budget, SIZE_LIMIT);
    try {
      await body.whole;
      if (body.refused === 'too large') throw new Failure('too large', 'The message is larger than 25 MB.');
      if (body.refused !== null)
        throw new Failure('transient', 'Too much mail at one time; try again in a minute.');
      const bytes = body.bytes();
      if (bytes.length === 0)
        throw new Failure('input', 'The body of the request is the message as it is, message/rfc822.');
      const [receipt] = await receive({ bytes, source: 'http', recipients: [recipient], envelopeFrom: '' });
      response.status(202).json(handedIn(receipt));
    } finally {
      body.release();
    }
  });
}

function admittedBy(found: ReturnType<AppOptions['directory']['find']>, request: Request): Recipient {
  if (found === 'unknown' || (typeof found !== 'string' && !isAllowed(request, found.address)))
    throw new Failure('stranger', 'There is no such address, or this is not its token.');
  if (found === 'not loaded')
    throw new Failure('transient', 'The addresses are not loaded yet; try again in a minute.');
  if (found === 'renewed') throw new Failure('conflict', 'This address was renewed.');
  if (found === 'paused') throw new Failure('transient', 'This address is paused; try again later.');
  return found;
}

function isAllowed(request: Request, address: Parameters<typeof addresses.isTokenOf>[0]): boolean {
  const token = /^Bearer (\S+)$/i.exec(request.get('Authorization') ?? '')?.[1];
  return token !== undefined && addresses.isTokenOf(address, token);
}

function handedIn(receipt: Receipt | undefined) {
  if (receipt?.result === 'taken') {
    const { arrivalId, isNew } = receipt.deposited;
    return { arrivalId, isNew, held: receipt.gate !== null };
  }
  if (receipt?.result === 'dropped' || !receipt) return { arrivalId: null, isNew: false, held: false };
  const { failure, words, permanent } = receipt.verdict;
  if (failure === 'unwelcome sender') throw new Failure('refused', words);
  throw new Failure(permanent ? 'too large' : 'crowded', words);
}

/** The intake addresses and how they treat what comes. */
export function answerAddresses(app: Express, options: AppOptions): void {
  const { store, clock, domain } = options;
  const list = async () => ({
    items: await addresses.listAddresses(store, domain, clock),
    own: await ownAddresses(store),
  });
  const changed = async (id: number) => {
    const found = (await list()).items.find((each) => each.id === id);
    if (!found) throw missing('address');
    return found;
  };
  answer(app, contract.listAddresses, list);
  answer(app, contract.renewAddress, async ({ params, body }) =>
    changed(await addresses.renewAddress(store, params.id, body, domain, clock)),
  );
  answer(app, contract.saveAddress, async ({ params: { id }, body, revision }) => {
    await addresses.saveAddress(store, { id, revision }, body);
    return changed(id);
  });
  answer(app, contract.pauseAddress, async ({ params: { id }, body }) => {
    await addresses.pauseAddress(store, id, body.paused, clock);
    return changed(id);
  });
  answer(app, contract.makeToken, async ({ params: { id } }) => {
    const token = await addresses.makeToken(store, id);
    await changed(id);
    return { token };
  });
  answer(app, contract.dropToken, async ({ params: { id } }) => {
    await addresses.dropToken(store, id);
    return changed(id);
  });
  app.get(contract.vcardPath, async (request, response) => {
    const { id } = parseInput(contract.RowId, request.params);
    const found = (await list()).items.find((each) => each.id === id);
    if (!found) throw missing('address');
    const name = `Hatband ${found.target.name}`;
    response
      .attachment(`${name}.vcf`)
      .type('text/vcard')
      .send(writeVcards([{ name, addresses: [found.address], organisation: null, groups: [] }]));
  });
}
