/** How a gym shows lengths; the same codes as the server's LengthUnit. */
export type LengthUnit = 'cm' | 'ft-in';

const METRES_PER_INCH = 0.0254;

/** Prints a length as the core does: whole centimetres, half or quarter inches (core/tests/golden/lengths.json). */
export function formatLength(metres: number, unit: LengthUnit): string {
  return unit === 'cm' ? `${roundHalfAway(metres * 100)} cm` : feetAndInches(metres);
}

/** Coils and halls: metres with centimetres, or feet and inches, as the core prints them. */
export function formatLong(metres: number, unit: LengthUnit): string {
  return unit === 'cm' ? `${metres.toFixed(2)} m` : feetAndInches(metres);
}

/** What a cut takes: finer than any rope. */
export function formatFine(metres: number, unit: LengthUnit): string {
  return unit === 'cm' ? `${(metres * 100).toFixed(1)} cm` : `${(metres / METRES_PER_INCH).toFixed(2)} in`;
}

/** The same without the unit, for where it stands beside already: `244`. */
export function formatLengthBare(metres: number, unit: LengthUnit): string {
  return unit === 'cm' ? String(roundHalfAway(metres * 100)) : feetAndInches(metres);
}

function feetAndInches(metres: number): string {
  const quarters = roundHalfAway((Math.abs(metres) / METRES_PER_INCH) * 4);
  if (quarters < 48) {
    return inches(quarters, metres < 0);
  }
  const halves = roundHalfAway((Math.abs(metres) / METRES_PER_INCH) * 2);
  const rest = halves % 24;
  const sign = metres < 0 && halves > 0 ? '-' : '';
  return `${sign}${Math.floor(halves / 24)}'${Math.floor(rest / 2)}${rest % 2 === 1 ? '½' : ''}"`;
}

function inches(quarters: number, negative: boolean): string {
  const part = ['', '¼', '½', '¾'][quarters % 4] ?? '';
  const whole = Math.floor(quarters / 4);
  return `${negative && quarters > 0 ? '-' : ''}${whole === 0 && part !== '' ? '' : whole}${part} in`;
}

/** PHP rounds halves away from zero, and mends the last binary digit first; so does this. */
function roundHalfAway(value: number): number {
  return Math.sign(value) * Math.round(Number(Math.abs(value).toPrecision(15))) || 0;
}
