import type { HeightBand } from '../../../api/rack';
import { formatLength, type LengthUnit } from '../../../lib/units';
import styles from './WallStrip.module.css';

/** Millimetres on paper for a metre on the wall. */
const SCALE = 100;
const WIDTH = 120;

interface Props {
  bands: HeightBand[];
  unit: LengthUnit;
  /** By which rule, with which handles, on which day it was made: printed below. */
  rule: string;
}

/** Tags of neighbouring bands stand beside each other: a band may be lower than a line of text. */
const COLUMNS = [39, 71, 103];

/** Of a tag, in millimetres on paper. */
const LARGEST = 4.2;

/** A mark needs so much room, in millimetres on paper. */
const MARK = 3.6;

/** Each band as high as on the wall (1:10), the tallest on top, with the tag that is written on the handle. */
export function WallStrip({ bands, unit, rule }: Props) {
  const top = bands.at(-1)?.toM ?? 0;
  const bottom = bands[0]?.fromM ?? 0;
  const height = (top - bottom) * SCALE;
  return (
    <section className={styles.scroll} tabIndex={0} aria-label="Strip">
      <svg
        className={styles.strip}
        viewBox={`0 -4 ${WIDTH} ${height + 14}`}
        style={{ width: `${WIDTH}mm`, height: `${height + 14}mm` }}
        role="img"
        aria-label={`${bands.map((band) => said(band, unit)).join('; ')}. ${rule}`}
      >
        {bands.map((band) => {
          const y = (top - band.toM) * SCALE;
          const high = (band.toM - band.fromM) * SCALE;
          return (
            <g key={band.fromM}>
              <rect
                x={22}
                y={y}
                width={WIDTH - 22}
                height={high}
                className={band.tag === null ? styles.none : styles.band}
              />
              {high >= MARK && (
                <text x={20} y={y + high + 1.5} className={styles.mark}>
                  {formatLength(band.fromM, unit)}
                </text>
              )}
            </g>
          );
        })}
        {bands.map((band, i) => {
          // After all bands, so that none covers another's tag; no larger than its band.
          const high = (band.toM - band.fromM) * SCALE;
          const size = Math.min(LARGEST, high * 0.9);
          return (
            <text
              key={band.fromM}
              x={COLUMNS[i % COLUMNS.length]}
              y={(top - band.toM) * SCALE + high / 2 + size / 3}
              className={styles.tag}
              style={{ fontSize: `${size}px` }}
            >
              {band.tag === null
                ? 'ask a coach'
                : `${band.tag} · ${formatLength(band.cableLengthM ?? 0, unit)}`}
            </text>
          );
        })}
        <text x={20} y={1.5} className={styles.mark}>
          {formatLength(top, unit)}
        </text>
        <text x={0} y={height + 7} className={styles.rule}>
          {rule}
        </text>
      </svg>
    </section>
  );
}

function said(band: HeightBand, unit: LengthUnit): string {
  return `${formatLength(band.fromM, unit)} to ${formatLength(band.toM, unit)}: ${band.tag ?? 'ask a coach'}`;
}
