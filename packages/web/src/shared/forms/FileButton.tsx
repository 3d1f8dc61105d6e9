import { useRef } from 'react';

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
      <button
        type="button"
        className="link"
        onClick={() => {
          input.current?.click();
        }}
      >
        {words}
      </button>
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
