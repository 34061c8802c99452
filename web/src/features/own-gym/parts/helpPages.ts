/** The pages of docs/coach, as they ship with the app. */
const files = import.meta.glob<string>('../../../../../docs/coach/*.md', {
  query: '?raw',
  import: 'default',
  eager: true,
});

export interface HelpPage {
  /** As in the address of the place: "ropes". */
  place: string;
  title: string;
  /** Markdown, without its title. */
  text: string;
}

/** In the order of the places, the gym last. */
const ORDER = [
  'class',
  'plan',
  'athletes',
  'gates',
  'cards',
  'ropes',
  'rhythm',
  'sets',
  'drills',
  'pacing',
  'faults',
  'log',
  'months',
  'gym',
];

export const helpPages: HelpPage[] = Object.entries(files)
  .map(([path, whole]) => ({
    place: path.replace(/^.*\/|\.md$/g, ''),
    title: /^# (.*)$/m.exec(whole)?.[1] ?? '',
    text: whole.replace(/^# .*$/m, '').trim(),
  }))
  .sort((a, b) => ORDER.indexOf(a.place) - ORDER.indexOf(b.place));

/** Pages that have all the words, in any order. */
export function found(text: string): HelpPage[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return helpPages.filter((page) => {
    const whole = `${page.title} ${page.text}`.toLowerCase();
    return words.every((word) => whole.includes(word));
  });
}

/** The page of the place one is at; none for a place without. */
export function helpOf(pathname: string): HelpPage | undefined {
  const place = pathname.split('/')[1];
  return helpPages.find((page) => page.place === place);
}
