export type Cell = string | number | null;

/** A table as RFC 4180 has it: what holds a comma, a quote or a line break stands in quotes; a line ends with CR LF. */
export function csvOf(head: readonly string[], rows: readonly (readonly Cell[])[]): string {
  return [head, ...rows].map((row) => `${row.map(quoted).join(',')}\r\n`).join('');
}

function quoted(cell: Cell): string {
  const text = cell === null ? '' : String(cell);
  // A spreadsheet would take these beginnings for a formula; a number may be negative.
  const safe = typeof cell === 'string' && /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
}

/** Gives somebody a file that was made on the device. */
export function saveFile(name: string, type: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
