import { InputNumber } from 'antd';
import type { Pacing, Scale, Way } from '../../../api/pacing';
import { Card } from '../../../design/page/Card';
import { formatDuration } from '../../../lib/duration';
import { ChosenWay } from './ChosenWay';
import { missesOf, timesInHundred, wayNames } from './said';
import styles from '../pacing.module.css';

interface Props {
  pacing: Pacing;
  scale: Scale;
  onScale: (scale: Scale) => void;
}

/** Ways to scale, side by side: what each takes, what it leaves to practise, and the one that fits what matters. */
export function Ways({ pacing, scale, onScale }: Props) {
  const half = Math.ceil(
    Math.max(1, ...pacing.strip.map(({ kind, reps }) => (kind === 'doubles' ? reps : 0))) / 2,
  );
  return (
    <Card strong label="Ways to scale">
      <h2>
        {pacing.recommended === null
          ? 'Not with the rope today'
          : `Best: ${wayNames[pacing.recommended].toLowerCase()}`}
      </h2>
      <p>{pacing.why.sentence}.</p>
      <div className={styles.scale}>
        <Small
          label="First"
          value={scale.first ?? half}
          most={1000}
          onChange={(first) => onScale({ ...scale, first })}
        />
        <Small
          label="Cut to"
          value={scale.cut ?? pacing.cut ?? half}
          most={1000}
          onChange={(cut) => onScale({ ...scale, cut })}
        />
        <Small
          label="Singles for one"
          value={scale.ratio}
          most={10}
          onChange={(ratio) => onScale({ ...scale, ratio })}
        />
        <Small
          label="Tries, s"
          value={scale.tries ?? pacing.tries}
          least={5}
          most={600}
          onChange={(tries) => onScale({ ...scale, tries })}
        />
      </div>
      <ul className={styles.ways}>
        {pacing.ways.map((way) => (
          <li key={way.scaling} className={way.recommended ? styles.recommended : undefined}>
            <strong>{wayNames[way.scaling]}</strong>
            <span className={styles.time}>{formatDuration(way.expectedS)}</span>
            <span className={styles.detail}>{detailOf(way)}</span>
          </li>
        ))}
      </ul>
      <ChosenWay key={`${pacing.athleteId} ${pacing.workout.text}`} pacing={pacing} />
      <p className={styles.detail}>
        {pacing.contactsLeft} contacts are left today. What is left out is not trained: keep some doubles
        whenever the workout keeps moving.
      </p>
    </Card>
  );
}

function detailOf(way: Way): string {
  const parts = [
    way.p90S - way.p10S >= 1 ? `${formatDuration(way.p10S)} to ${formatDuration(way.p90S)}` : null,
    `${String(way.doubles)} doubles practised`,
    `${String(way.contacts)} contacts${way.fitsToday ? '' : ', more than are left'}`,
    missesOf(way.misses),
    way.chanceUnbroken !== null && way.doubles > 0 ? `unbroken ${timesInHundred(way.chanceUnbroken)}` : null,
    way.chanceInCap !== null ? `in the cap ${timesInHundred(way.chanceInCap)}` : null,
    way.recommended ? 'recommended' : null,
  ];
  return parts.filter((part) => part !== null).join(' · ');
}

interface SmallProps {
  label: string;
  value: number;
  least?: number;
  most: number;
  onChange: (value: number) => void;
}

function Small({ label, value, least = 1, most, onChange }: SmallProps) {
  return (
    <label>
      {label}
      <InputNumber<number>
        aria-label={label}
        min={least}
        max={most}
        precision={0}
        value={value}
        onChange={(next) => {
          if (next !== null) {
            onChange(next);
          }
        }}
      />
    </label>
  );
}
