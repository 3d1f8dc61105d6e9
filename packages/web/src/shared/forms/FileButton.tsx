import { useRef } from 'react';
import { LinkButton } from '../page/LinkButton.tsx';

interface Props {
  /** What stands on the button. */
  words: string;
  /** What the file is, for those who do not see it. */
  name: string;
  accept: string;
  onFile: (file: File) => void;
}

/** A button that takes in a file of the user's. */
export function FileButton({ words, name, accept, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <LinkButton
        onClick={() => {
          input.current?.click();
        }}
      >
        {words}
      </LinkButton>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={name}
        hidden
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) onFile(file);
          e.target.value = '';
        }}
      />
    </>
  );
}
