import type { PlannedDay, PlannedWeek } from '../../../api/weeks';
import styles from '../weeks.module.css';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const WIDTH = 16;
const HEIGHT = 26;
const FLOOR = 20;

const WORDS: Record<PlannedDay['kind'], string> = {
  class: 'class',
  'class-no-jump': 'class without jumps',
  home: 'at home',
  'home-no-jump': 'at home without jumps',
};

/** Seven days as the strip has it: an arc where one jumps, large in class; a flat bar where one works without jumps. */
export function WeekCells({ week }: { week: PlannedWeek }) {
  const said = week.days.map(({ weekday, kind }) => `${DAYS[weekday - 1] ?? ''} ${WORDS[kind]}`).join(', ');
  return (
    <span className={styles.week}>
      <svg
        viewBox={`0 0 ${7 * WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`${said === '' ? 'nothing' : said}; at most ${week.contactsMost} contacts`}
      >
        <line x1={0} x2={7 * WIDTH} y1={FLOOR} y2={FLOOR} className={styles.floor} />
        {week.days.map((day) => (
          <DayMark key={day.on} kind={day.kind} x={(day.weekday - 1) * WIDTH} />
        ))}
      </svg>
      <small>{week.contactsMost.toLocaleString('en-GB')}</small>
    </span>
  );
}

function DayMark({ kind, x }: { kind: PlannedDay['kind']; x: number }) {
  const [left, right, middle] = [x + 2, x + WIDTH - 2, x + WIDTH / 2];
  switch (kind) {
    case 'class':
      return <path d={`M ${left} ${FLOOR} Q ${middle} -12 ${right} ${FLOOR}`} className={styles.inClass} />;
    case 'home':
      return <path d={`M ${left} ${FLOOR} Q ${middle} 6 ${right} ${FLOOR}`} className={styles.atHome} />;
    case 'class-no-jump':
      return <rect x={left} y={FLOOR - 5} width={right - left} height={5} className={styles.still} />;
    case 'home-no-jump':
      return <rect x={middle - 3} y={FLOOR - 3} width={6} height={3} className={styles.still} />;
  }
}

/** What the marks mean. */
export function DayKinds() {
  return (
    <ul className={styles.kinds} aria-label="The marks">
      {(Object.keys(WORDS) as PlannedDay['kind'][]).map((kind) => (
        <li key={kind}>
          <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden>
            <line x1={0} x2={WIDTH} y1={FLOOR} y2={FLOOR} className={styles.floor} />
            <DayMark kind={kind} x={0} />
          </svg>
          {WORDS[kind]}
        </li>
      ))}
    </ul>
  );
}
