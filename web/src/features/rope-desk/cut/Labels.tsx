import type { CutSheet } from '../../../api/cutting';
import { formatLength, type LengthUnit } from '../../../lib/units';
import styles from './Labels.module.css';

/** A strip for each rope, to be wound round the handle: name, length, day. */
export function Labels({ sheet, unit }: { sheet: CutSheet; unit: LengthUnit }) {
  const pieces = sheet.lists.flatMap((list) => list.bars.flatMap((bar) => bar.pieces));
  return (
    <section aria-label="Labels" className={styles.labels}>
      <h2>Labels</h2>
      <ul>
        {pieces.map((piece) => (
          <li key={piece.athleteId}>
            <b>{piece.name}</b>
            <span>{formatLength(piece.cableLengthM, unit)}</span>
            <span>{sheet.day}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
