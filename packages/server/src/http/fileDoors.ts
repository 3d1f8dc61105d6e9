import * as contract from '@hatband/contract';
import type { Express } from 'express';
import { listImportItems, listImports } from '../files/imports.ts';
import { answer, parseInput } from './answer.ts';
import type { AppOptions } from './options.ts';
import { requireSession } from './session.ts';

/** Files of messages that are dropped on the Ledger: their bodies are streams, so no other reader may come first. */
export function takeFiles(app: Express, { imports, access }: AppOptions): void {
  app.post(contract.importPath, requireSession(access), async (request, response) => {
    const { name, address } = parseInput(contract.ImportQuery, request.query);
    response.status(202).json(await imports.take(request, { name, addressId: address ?? null }));
  });
}

export function answerImports(app: Express, { store, imports }: AppOptions): void {
  answer(app, contract.cancelImport, async ({ params }) => {
    await imports.cancel(params.id);
    return listImports(store);
  });
  answer(app, contract.listImports, () => listImports(store));
  answer(app, contract.listImportItems, ({ params, query }) => listImportItems(store, params.id, query));
}
