import { Input } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import css from './Search.module.css';

/** Finds mail and tasks by their words; the results have a screen of their own. */
export function SearchBox() {
  const [words, setWords] = useState('');
  const navigate = useNavigate();
  return (
    <Input
      type="search"
      className={css.box ?? ''}
      aria-label="Find in mail and tasks"
      placeholder="Find in mail and tasks"
      maxLength={200}
      value={words}
      onChange={(event) => {
        setWords(event.target.value);
      }}
      onPressEnter={() => {
        if (words.trim() !== '')
          void navigate(`/search?${new URLSearchParams({ words: words.trim() }).toString()}`);
      }}
    />
  );
}
