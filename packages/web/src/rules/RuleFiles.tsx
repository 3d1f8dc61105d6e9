import { exportPath, importRules, type ImportResult } from '@hatband/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call, ProblemError } from '../api/call.ts';
import { FileButton } from '../shared/FileButton.tsx';
import css from './Rules.module.css';

/** Rules out to a file, and in from one; what came in are drafts. */
export function RuleFiles() {
  const client = useQueryClient();
  const take = useMutation({
    mutationFn: async (file: File) => call(importRules, { body: { json: await file.text() } }),
    onSuccess: () =>
      Promise.all(
        ['rules', 'projects', 'named', 'samples'].map((key) => client.invalidateQueries({ queryKey: [key] })),
      ),
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
        onFile={take.mutate}
      />
      {take.data && <Imported result={take.data} onClose={take.reset} />}
      {take.error && <Refused error={take.error} onClose={take.reset} />}
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
      <button type="button" className="link" onClick={onClose}>
        close
      </button>
    </div>
  );
}

function Refused({ error, onClose }: { error: Error; onClose: () => void }) {
  const issues = error instanceof ProblemError ? (error.problem.issues ?? []) : [];
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
      <button type="button" className="link" onClick={onClose}>
        close
      </button>
    </div>
  );
}
