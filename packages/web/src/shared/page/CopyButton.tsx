import { Button } from 'antd';
import { useState } from 'react';

const WORDS = { idle: 'Copy', copied: 'Copied', failed: 'Select and copy it by hand' };
const SHOWN_MS = 2500;

/** Copies a text, and says whether it did. */
export function CopyButton({ text }: { text: string }) {
  const [state, setState] = useState<keyof typeof WORDS>('idle');
  const copy = () => {
    navigator.clipboard.writeText(text).then(
      () => {
        setState('copied');
      },
      () => {
        setState('failed');
      },
    );
    setTimeout(() => {
      setState('idle');
    }, SHOWN_MS);
  };
  return (
    <Button size="small" type="primary" aria-live="polite" onClick={copy}>
      {WORDS[state]}
    </Button>
  );
}
