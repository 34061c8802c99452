import type { Description, Operation, Shape } from '../../../api/description';

export interface Described {
  method: string;
  path: string;
  operation: Operation;
}

/** What belongs together by its address, as far as it has all the words. */
export function grouped({ paths }: Description, text: string): { name: string; operations: Described[] }[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const groups = new Map<string, Described[]>();
  for (const [path, operations] of Object.entries(paths)) {
    for (const [method, operation] of Object.entries(operations)) {
      const said = `${method} ${path} ${operation.summary ?? ''}`.toLowerCase();
      if (words.every((word) => said.includes(word))) {
        const name = path.split('/')[2]?.replace(/\..*$/, '') ?? path;
        groups.set(name, [...(groups.get(name) ?? []), { method: method.toUpperCase(), path, operation }]);
      }
    }
  }
  return [...groups].map(([name, operations]) => ({ name, operations }));
}

export function nameOf(ref: string): string {
  return ref.replace(/^.*\//, '');
}

/** "list of AthleteView", "text or nothing". */
export function typeInWords(shape: Shape | undefined): string {
  if (shape === undefined) {
    return 'anything';
  }
  if (shape.$ref !== undefined) {
    return nameOf(shape.$ref);
  }
  if (shape.const !== undefined) {
    return JSON.stringify(shape.const);
  }
  if (shape.enum !== undefined) {
    return shape.enum.map((one) => (one === null ? 'nothing' : JSON.stringify(one))).join(' | ');
  }
  const either = shape.anyOf ?? shape.oneOf;
  if (either !== undefined) {
    return either.map(typeInWords).join(' or ');
  }
  const types = Array.isArray(shape.type) ? shape.type : [shape.type ?? 'anything'];
  return types.map((type) => simpleInWords(type, shape)).join(' or ');
}

function simpleInWords(type: string, { items, format }: Shape): string {
  switch (type) {
    case 'array':
      return `list of ${typeInWords(items)}`;
    case 'string':
      return format ?? 'text';
    case 'null':
      return 'nothing';
    default:
      return type;
  }
}

/** The named shapes within one, each once. */
export function shapesIn(shape: Shape | undefined): string[] {
  if (shape === undefined) {
    return [];
  }
  const within = [shape.items, ...(shape.anyOf ?? []), ...(shape.oneOf ?? [])].flatMap(shapesIn);
  return [...new Set([...(shape.$ref === undefined ? [] : [nameOf(shape.$ref)]), ...within])];
}
