import { Input, Radio } from 'antd';
import { useState } from 'react';
import type { Athlete } from '../../../api/athletes';
import { useFit, useRopeTerms, type Fit, type FitWish } from '../../../api/ropes';
import { useUnit } from '../../../api/session';
import { Card } from '../../../design/page/Card';
import { useKept } from '../../../design/page/useKept';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { formatLength } from '../../../lib/units';
import { BenchFrame, BenchPage } from '../size/BenchPage';
import { InspectOwn } from './InspectOwn';
import styles from './CheckPage.module.css';

/** A rope that is there: does it fit, and is it sound? */
export function CheckPage() {
  return <BenchPage place="Check a rope">{(athlete) => <Check athlete={athlete} />}</BenchPage>;
}

function Check({ athlete }: { athlete: Athlete }) {
  const [wish, setWish] = useState<FitWish>({});
  const [cable, setCable] = useState('');
  const answer = useFit(athlete.id, wish);
  const fit = useKept(athlete.id, answer.data);
  const unit = useUnit();
  const terms = useRopeTerms().data;
  const measured = () =>
    setWish((now) => (cable.trim() === '' ? keptStance(now) : { ...keptStance(now), cable: cable.trim() }));
  const first = athlete.name.split(' ')[0] ?? '';
  return (
    <BenchFrame athlete={athlete} title={titleOf(fit, first)} decision={<InspectOwn athlete={athlete} />}>
      <div className={styles.ask}>
        <fieldset className={styles.places}>
          <legend>Standing on the middle, the handle ends reach the …</legend>
          <Radio.Group
            aria-label="Handle ends reach"
            value={wish.reaches}
            options={terms?.places.map(({ code, name }) => ({ value: code, label: name })) ?? []}
            onChange={(event) => {
              setCable('');
              setWish((now) => ({
                ...keptStance(now),
                reaches: event.target.value as NonNullable<FitWish['reaches']>,
              }));
            }}
          />
        </fieldset>
        <div className={styles.fields}>
          <fieldset className={styles.places}>
            <legend>Stance</legend>
            <Radio.Group
              aria-label="Stance"
              value={wish.stance ?? 'two-feet'}
              options={terms?.stances.map(({ code, name }) => ({ value: code, label: name })) ?? []}
              onChange={(event) =>
                setWish((now) => ({ ...now, stance: event.target.value as NonNullable<FitWish['stance']> }))
              }
            />
          </fieldset>
          <label>
            Or its cable, measured between the handles
            <Input
              aria-label="Cable"
              placeholder="240 cm"
              value={cable}
              onChange={(event) => setCable(event.target.value)}
              onBlur={measured}
              onPressEnter={measured}
            />
          </label>
        </div>
      </div>
      {answer.error !== null && (
        <p role="alert" className={styles.refused}>
          {answer.error.message}
        </p>
      )}
      {fit?.fit != null && (
        <Card strong label="Verdict">
          <p className={styles.verdict}>{fit.fitName}</p>
          <p>
            <strong>{fit.remedy?.sentence}</strong>
            <WhereFrom of="how much it is off">{fit.offBySource}</WhereFrom>
          </p>
          {fit.effects.map((effect) => (
            <p key={effect.code}>{effect.sentence}</p>
          ))}
          <p className={styles.reach}>
            {fit.reaches?.sentence} That is {formatLength(fit.cableLengthM ?? 0, unit)} of cable.
          </p>
        </Card>
      )}
    </BenchFrame>
  );
}

/** Another way of telling the length replaces the one before; how the athlete stands stays. */
function keptStance(wish: FitWish): FitWish {
  return wish.stance === undefined ? {} : { stance: wish.stance };
}

function titleOf(fit: Fit | undefined, first: string): string {
  if (fit?.fit == null) {
    return `Where do the handles of ${first}’s rope reach?`;
  }
  return fit.fit === 'right' ? `This rope is right for ${first}` : `This rope is ${fit.fitName} for ${first}`;
}
