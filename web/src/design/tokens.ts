/**
 * All colours of Zumbo, and the only place where they are written. tokens.test.ts holds them to WCAG 2.2 AA: text
 * 4.5:1, graphics 3:1, on both grounds.
 */
export const colours = {
  paper: '#F7F4ED',
  card: '#FFFFFF',
  ink: '#1E2B2A',
  /** Secondary text. */
  stone: '#5C6662',
  /** Lines that only part: carries no meaning, so no contrast is asked of it. */
  hairline: '#DDD6C6',
  /** The ground below the floor line. */
  ground: '#EDE7DA',
  /** Targets and what waits: graphics only. */
  waiting: '#7D8580',
  pine: '#1F6B57',
  plum: '#6B3A6E',
  brick: '#A63F28',
  saffron: '#96640A',
} as const;

/** The dark variant, for the wall: read across a hall, so text has 7:1. */
export const nightColours = {
  night: '#101817',
  'night-ink': '#F3EFE4',
  'night-rest': '#AEB9B4',
  'night-work': '#DDAEE0',
  'night-over': '#86CDB6',
  /** Only parts. */
  'night-line': '#33403D',
} as const;

export type ColourName = keyof typeof colours;

export const textColours: ColourName[] = ['ink', 'stone', 'pine', 'plum', 'brick', 'saffron'];
export const graphicColours: ColourName[] = [...textColours, 'waiting'];
export const grounds: ColourName[] = ['paper', 'card'];

export const fonts = {
  heading: "'Bricolage Grotesque Variable', Georgia, serif",
  text: "'Figtree Variable', 'Helvetica Neue', Arial, sans-serif",
} as const;

/** Puts the tokens where style sheets find them: `var(--ink)`. */
export function applyTokens(root: HTMLElement): void {
  for (const [name, value] of Object.entries({ ...colours, ...nightColours })) {
    root.style.setProperty(`--${name}`, value);
  }
  root.style.setProperty('--font-heading', fonts.heading);
  root.style.setProperty('--font-text', fonts.text);
}
