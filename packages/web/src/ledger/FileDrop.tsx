import { useQuery } from '@tanstack/react-query';
import { useState, type DragEvent, type ReactNode } from 'react';
import { imports } from '../api/queries.ts';
import { useRefresh } from '../api/stale.ts';
import { uploadMail } from '../api/upload.ts';
import { FileButton } from '../shared/forms/FileButton.tsx';
import css from './FileDrop.module.css';
import { ImportLine, type Sending } from './ImportLine.tsx';

/** Where files of messages are dropped: they come in at the inbox, with their progress and a result for each. */
export function FileDrop({ children }: { children: (button: ReactNode, lines: ReactNode) => ReactNode }) {
  const [over, setOver] = useState(false);
  const { lines, send, putAway } = useFiles();
  const onDrop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    for (const file of event.dataTransfer.files) send(file);
  };
  const button = (
    <FileButton
      words="bring in files …"
      name="files of messages"
      accept=".eml,.mbox,.mbx,.zip,message/rfc822,application/mbox,application/zip"
      onFile={send}
    />
  );
  return (
    <div
      className={css.whole}
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes('Files')) return;
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={(event) => {
        if (event.currentTarget === event.target) setOver(false);
      }}
      onDrop={onDrop}
    >
      {children(
        button,
        lines.length > 0 && (
          <div className={css.lines}>
            {lines.map((sending) => (
              <ImportLine key={sending.key} sending={sending} onPutAway={putAway} />
            ))}
          </div>
        ),
      )}
      {over && <div className={css.over}>Let go: messages (.eml), an mbox, or a zip of them</div>}
    </div>
  );
}

let keys = 0;

/** The files of this page's user, and those that are still being brought in since before. */
function useFiles() {
  const [own, setOwn] = useState<Sending[]>([]);
  const { data } = useQuery(imports);
  const refresh = useRefresh();
  const change = (key: string, part: Partial<Sending>) => {
    setOwn((all) => all.map((each) => (each.key === key ? { ...each, ...part } : each)));
  };
  const send = (file: File) => {
    const key = `file ${String((keys += 1))}`;
    setOwn((all) => [{ key, name: file.name, sent: 0, error: null, import: null }, ...all]);
    uploadMail(file, (sent) => {
      change(key, { sent });
    }).then(
      (begun) => {
        change(key, { import: begun, sent: 1 });
        void refresh('import');
      },
      (error: unknown) => {
        change(key, { error: error instanceof Error ? error : new Error(String(error)) });
      },
    );
  };
  const known = data?.items ?? [];
  const running = known.filter(
    ({ id, state }) => state === 'running' && !own.some((each) => each.import?.id === id),
  );
  const lines: Sending[] = [
    ...own.map((each) => ({
      ...each,
      import: known.find(({ id }) => id === each.import?.id) ?? each.import,
    })),
    ...running.map((each) => ({
      key: `import ${String(each.id)}`,
      name: each.name,
      sent: 1,
      error: null,
      import: each,
    })),
  ];
  const putAway = (key: string) => {
    setOwn((all) => all.filter((each) => each.key !== key));
  };
  return { lines, send, putAway };
}
