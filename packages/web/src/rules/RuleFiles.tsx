import { DRAFT_ISSUE, exportPath, importProgress, importRules, type ImportResult } from '@hatband/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { call, ProblemError } from '../api/call.ts';
import { useRefresh } from '../api/stale.ts';
import { FileButton } from '../shared/forms/FileButton.tsx';
import css from './Rules.module.css';
import { LinkButton } from '../shared/page/LinkButton.tsx';

/** Rules out to a file, and in from one; what came in are drafts. */
export function RuleFiles() {
  const refresh = useRefresh();
  const take = useMutation({
    mutationFn: ({ json, replaceDrafts }: { json: string; replaceDrafts: boolean }) =>
      call(importRules, { body: { json, replaceDrafts } }),
    onSuccess: () => refresh('rule', 'project', 'named'),
  });
  return (
    <span className={css.files}>
      <a href={exportPath} download>
        export
      </a>
      <FileButton
        words="import …"
        name="a file of rules"
        accept="application/json,.json"
        onFile={(file) => {
          void file.text().then((json) => {
            take.mutate({ json, replaceDrafts: false });
          });
        }}
      />
      {take.data && <Imported result={take.data} onClose={take.reset} />}
      {take.isPending && <Progress />}
      {take.error && (
        <Refused
          error={take.error}
          onClose={take.reset}
          onReplace={() => {
            take.mutate({ json: take.variables.json, replaceDrafts: true });
          }}
        />
      )}
    </span>
  );
}

function Imported({ result, onClose }: { result: ImportResult; onClose: () => void }) {
  const { rules, added, kept } = result;
  const names = (all: readonly { name: string }[]) => all.map(({ name }) => name).join(', ');
  return (
    <div className={css.imported} role="status">
      <p>
        {rules.length === 1 ? '1 rule is a draft now' : `${String(rules.length)} rules are drafts now`}:{' '}
        {names(rules)}.
      </p>
      {added.length > 0 && <p>With them came {names(added)}.</p>}
      {kept.length > 0 && <p>Already here and kept as they are: {names(kept)}.</p>}
      <LinkButton onClick={onClose}>close</LinkButton>
    </div>
  );
}

/** How far an import is that takes a while. */
function Progress() {
  const { data } = useQuery({
    queryKey: ['rules', 'import'],
    queryFn: () => call(importProgress),
    refetchInterval: 400,
    staleTime: 0,
  });
  const running = data?.running;
  return (
    <span role="status">
      {running && running.total > 0
        ? `${String(running.done)} of ${String(running.total)} rules taken in …`
        : 'reading the file …'}
    </span>
  );
}

interface RefusedProps {
  error: Error;
  onClose: () => void;
  onReplace: () => void;
}

function Refused({ error, onClose, onReplace }: RefusedProps) {
  const issues = error instanceof ProblemError ? (error.problem.issues ?? []) : [];
  const drafts = issues.filter(({ path }) => path === DRAFT_ISSUE);
  if (drafts.length > 0)
    return (
      <div className={css.imported} role="alertdialog" aria-label="Replace drafts">
        <p>
          These rules have drafts of yours that the file would replace:{' '}
          {drafts.map(({ message }) => message).join(', ')}. Nothing was changed so far.
        </p>
        <LinkButton onClick={onReplace}>replace the drafts</LinkButton>{' '}
        <LinkButton onClick={onClose}>keep them</LinkButton>
      </div>
    );
  return (
    <div className={css.imported} role="alert">
      <p>{error.message} Nothing was changed.</p>
      <ul>
        {issues.map(({ path, message }) => (
          <li key={`${path} ${message}`}>
            {path !== '' && <code>{path}</code>} {message}
          </li>
        ))}
      </ul>
      <LinkButton onClick={onClose}>close</LinkButton>
    </div>
  );
}
