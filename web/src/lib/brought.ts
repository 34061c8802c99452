/** A list as a coach brings it: text that was pasted, or a file. */
export interface Brought {
  /** The same for the same content. */
  key: string;
  content: Blob;
  type: ListType;
}

const TYPES = {
  txt: 'text/plain',
  csv: 'text/csv',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  ods: 'application/vnd.oasis.opendocument.spreadsheet',
} as const;
type ListType = (typeof TYPES)[keyof typeof TYPES];

/** What the file chooser offers. */
export const LIST_ENDINGS = Object.keys(TYPES)
  .map((ending) => `.${ending}`)
  .join(',');

export function broughtText(text: string): Brought {
  return { key: text, content: new Blob([text]), type: TYPES.txt };
}

/** By its ending; what has another is taken for text, and the server says if it is not. */
export function broughtFile(file: File): Brought {
  const ending = file.name.toLowerCase().replace(/^.*\./, '');
  const type = ending in TYPES ? TYPES[ending as keyof typeof TYPES] : TYPES.txt;
  return { key: `${file.name} ${file.size} ${file.lastModified}`, content: file, type };
}
