import type { LibraryDrill } from '../../api/path';

/** What the library is looked through by. */
export interface Looked {
  text: string;
  family: string;
  stage: string;
  /** A thing to do without: "a bar"; empty: whatever is needed. */
  without: string;
  shown: 'all' | 'own' | 'hidden';
}

export const EVERYTHING: Looked = { text: '', family: '', stage: '', without: '', shown: 'all' };

/** Every word that was typed stands somewhere in the drill. */
export function looksLike(drill: LibraryDrill, { text, family, stage, without, shown }: Looked): boolean {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const all = [
    drill.title,
    drill.text,
    drill.cue,
    drill.why,
    drill.how,
    drill.watch,
    drill.mistake,
    drill.familyTitle,
    ...drill.fixes,
    ...drill.needs,
  ]
    .join(' ')
    .toLowerCase();
  return (
    (family === '' || drill.family === family) &&
    (stage === '' || (drill.stages as string[]).includes(stage)) &&
    (without === '' || !drill.needs.includes(without)) &&
    (shown === 'all' ? !drill.hidden : shown === 'own' ? drill.ownId !== null : drill.hidden) &&
    words.every((word) => all.includes(word))
  );
}

/** What can be chosen, in the order in which it is met. */
export function valuesOf(
  drills: readonly LibraryDrill[],
  of: (drill: LibraryDrill) => readonly string[],
): string[] {
  return [...new Set(drills.flatMap(of))];
}
