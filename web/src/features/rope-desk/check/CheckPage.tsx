import { Input, Radio } from 'antd';
import { useState } from 'react';
import type { Athlete } from '../../../api/athletes';
import { useFit, useRopeTerms, type Fit, type FitWish } from '../../../api/ropes';
import { useMe, useUnit } from '../../../api/session';
import { Card } from '../../../design/page/Card';
import { useKept } from '../../../design/page/useKept';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { RopeVerdict } from '../../../design/rope/RopeVerdict';
import { formatLength, type LengthUnit } from '../../../lib/units';
import { BenchFrame, BenchPage } from '../size/BenchPage';
import { InspectOwn } from './InspectOwn';
import { KeepChecked } from './KeepChecked';
import styles from './CheckPage.module.css';

/** A rope that is there: does it fit, and is it sound? */
export function CheckPage() {
  return <BenchPage place="Check a rope">{(athlete) => <Check athlete={athlete} />}</BenchPage>;
}

function Check({ athlete }: { athlete: Athlete }) {
  const usual = useMe().data?.gym?.stance ?? null;
  const [said, setWish] = useState<FitWish>({});
  const wish: FitWish = usual === null ? said : { stance: usual, ...said };
  const [cable, setCable] = useState('');
  const [handle, setHandle] = useState('');
  const answer = useFit(athlete.id, wish);
  const fit = useKept(athlete.id, answer.data);
  const unit = useUnit();
  const terms = useRopeTerms().data;
  const measured = () =>
    setWish((now) => (cable.trim() === '' ? keptStance(now) : { ...keptStance(now), cable: cable.trim() }));
  const withHandle = () =>
    setWish((now) => ({ ...now, ...(handle.trim() === '' ? {} : { handle: handle.trim() }) }));
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
              value={wish.stance}
              options={terms?.stances.map(({ code, name }) => ({ value: code, label: name })) ?? []}
              onChange={(event) =>
                setWish((now) => ({ ...now, stance: event.target.value as NonNullable<FitWish['stance']> }))
              }
            />
          </fieldset>
          <label>
            Handle length
            <Input
              placeholder={handlePlaceholder(fit, unit)}
              value={handle}
              onChange={(event) => setHandle(event.target.value)}
              onBlur={withHandle}
              onPressEnter={withHandle}
            />
          </label>
          <label>
            Or its cable, measured between the handles
            <Input
              aria-label="Cable"
              placeholder={formatLength(2.4, unit)}
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
      {fit?.verdict != null && (
        <Card strong label="Verdict">
          <RopeVerdict
            verdict={fit.verdict}
            help={<WhereFrom of="how much it is off">{fit.offBySource}</WhereFrom>}
          />
          {fit.effects.map((effect) => (
            <p key={effect.code}>{effect.sentence}</p>
          ))}
          <p className={styles.reach}>
            {fit.reaches?.sentence}
            {fit.cableLengthM !== null && ` That is ${formatLength(fit.cableLengthM, unit)} of cable.`}
          </p>
          <KeepChecked athlete={athlete} fit={fit} stance={wish.stance} />
        </Card>
      )}
    </BenchFrame>
  );
}

/** Another way of telling the length replaces the one before; how the athlete stands, and the handles, stay. */
function keptStance({ stance, handle }: FitWish): FitWish {
  return {
    ...(stance === undefined ? {} : { stance }),
    ...(handle === undefined ? {} : { handle }),
  };
}

function handlePlaceholder(fit: Fit | undefined, unit: LengthUnit): string {
  return fit?.handleLengthM == null ? 'not known' : formatLength(fit.handleLengthM, unit);
}

function titleOf(fit: Fit | undefined, first: string): string {
  return fit?.verdict == null
    ? `Where do the handles of ${first}’s rope reach?`
    : `This rope for ${first}: ${fit.verdict.stateName}`;
}
