import { Foreign } from '../shared/page/Foreign.tsx';
import css from './ReadingSheet.module.css';

/** What the user asked for in a message and did not get. */
export function Remarks({ remarks }: { remarks: readonly string[] }) {
  if (remarks.length === 0) return null;
  return (
    <section className={css.held} aria-label="Remarks">
      {remarks.map((remark) => (
        <p key={remark}>
          <Foreign words={remark} />
        </p>
      ))}
    </section>
  );
}
