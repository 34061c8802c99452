import { useState } from 'react';
import { broughtFile, broughtText } from '../../lib/brought';
import { useSettled } from '../../lib/useSettled';

/** Typing rests for so long before the list is read. */
const RESTS_MS = 350;

/** A list that is pasted or chosen as a file, with its columns as somebody has mended them. */
export function useBrought() {
  const [text, setText] = useState('');
  const [file, setFile] = useState<File | null>(null);
  const [columns, setColumns] = useState<string | null>(null);
  const typed = useSettled(text, RESTS_MS);
  const bring = (next: { text?: string; file?: File | null }) => {
    setColumns(null);
    setFile(next.file ?? null);
    setText(next.text ?? '');
  };
  const brought = file === null ? (typed.trim() === '' ? null : broughtText(typed)) : broughtFile(file);
  return { text, file, columns, setColumns, bring, brought };
}
