import type { CutListOf } from '../../../api/cutting';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { formatLength, formatLong, type LengthUnit } from '../../../lib/units';
import styles from './CutBars.module.css';

interface Props {
  list: CutListOf;
  /** Behind the cut lengths: the rule they come from. */
  source: string;
  unit: LengthUnit;
}

/** Each coil as a bar to scale with its cuts, and below it the pieces with a box to tick. */
export function CutBars({ list, source, unit }: Props) {
  const stocks = new Set(list.bars.map((bar) => bar.stockM));
  const longest = Math.max(...list.bars.map((bar) => bar.stockM));
  const share = (metres: number) => `${(100 * metres) / longest}%`;
  return (
    <section className={styles.list} aria-label={list.familyName}>
      <h2>{list.familyName}</h2>
      <p>
        {list.verdict.sentence}
        <WhereFrom of="the cut lengths">{source}</WhereFrom>
      </p>
      {list.bars.map((bar, i) => (
        <div key={bar.pieces[0]?.athleteId ?? i} className={styles.coil}>
          <div className={styles.bar} aria-hidden="true">
            {bar.pieces.map((piece) => (
              <i key={piece.athleteId} style={{ width: share(piece.cutLengthM) }} />
            ))}
            <em style={{ width: share(bar.offcutM) }} />
          </div>
          <ol className={styles.pieces}>
            {bar.pieces.map((piece) => (
              <li key={piece.athleteId}>
                <span className={styles.box} aria-hidden="true" />
                <b>{formatLength(piece.cutLengthM, unit)}</b>
                <span>{piece.name}</span>
                <span className={styles.note}>
                  cable {formatLength(piece.cableLengthM, unit)}
                  {piece.ofKeptRope ? '' : ', as it would be sized'}
                </span>
              </li>
            ))}
          </ol>
          <p className={styles.note}>
            Coil {i + 1} of {list.bars.length}
            {stocks.size > 1 && `, ${formatLong(bar.stockM, unit)}`}: {formatLong(bar.offcutM, unit)} left
            over
          </p>
        </div>
      ))}
    </section>
  );
}
