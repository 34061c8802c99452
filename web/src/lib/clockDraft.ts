import { CLOCK_DRAFT } from './keptAnswer';

/** What somebody plans for the clock of a class: kept on the device until it is started. */
export interface DraftProgramme {
  title: string;
  text: string;
  athletes: string[];
}

export function readDraft(): DraftProgramme[] {
  const kept = localStorage.getItem(CLOCK_DRAFT);
  return kept === null ? [] : (JSON.parse(kept) as DraftProgramme[]);
}

export function keepDraft(draft: readonly DraftProgramme[]): void {
  localStorage.setItem(CLOCK_DRAFT, JSON.stringify(draft));
}

/** Adds a programme; whoever is in it leaves the one they were in, and one that nobody is left in goes. */
export function withProgramme(draft: readonly DraftProgramme[], added: DraftProgramme): DraftProgramme[] {
  const others = draft
    .map((one) => ({ ...one, athletes: one.athletes.filter((id) => !added.athletes.includes(id)) }))
    .filter((one, i) => one.athletes.length > 0 || draft[i]?.athletes.length === 0);
  const same = others.findIndex((one) => one.text === added.text);
  return same < 0
    ? [...others, added]
    : others.map((one, i) => (i === same ? { ...one, athletes: [...one.athletes, ...added.athletes] } : one));
}
