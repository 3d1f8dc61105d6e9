import css from './TaskPage.module.css';

export interface KeyedAction {
  /** As the keyboard names it. */
  key: string;
  /** On its sign, where the keyboard's name is too long. */
  sign?: string;
  name: string;
  run: () => void;
}

/** What can be done on the sheet, each with its key. */
export function SheetKeys({ actions }: { actions: readonly KeyedAction[] }) {
  return (
    <p className={css.keys}>
      {actions.map(({ key, sign, name, run }) => (
        <button key={key} type="button" onClick={run}>
          <kbd>{sign ?? key.toUpperCase()}</kbd> {name}
        </button>
      ))}
    </p>
  );
}
