import { Input, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Athlete } from '../../../api/athletes';
import { useRopeTerms, type Stance } from '../../../api/ropes';
import { useMe } from '../../../api/session';
import { Cautions } from '../../../design/page/Cautions';
import { Facts } from '../../../design/page/Facts';
import { formatLength, type LengthUnit } from '../../../lib/units';
import type { RopeBench } from './useRopeBench';
import styles from './BenchSubject.module.css';
import { Tapes } from './Tapes';

interface Props {
  bench: RopeBench;
  athlete: Athlete;
  unit: LengthUnit;
  /** What the server could not read, if anything. */
  refused: Error | null;
  mayChange: boolean;
}

/** Who the rope is for, and what the coach may set: stance and handle. */
export function BenchSubject({ bench, athlete, unit, refused, mayChange }: Props) {
  const [handle, setHandle] = useState('');
  const terms = useRopeTerms().data;
  const stance = useMe().data?.gym?.stance ?? null;
  const { view } = bench;
  return (
    <>
      <h2 className={styles.name}>
        <Link to={`/athletes/${athlete.id}`}>{athlete.name}</Link>
      </h2>
      <Facts
        facts={[
          { name: 'Height', value: formatLength(athlete.statureM, unit) },
          { name: 'Stage', value: `${athlete.stageNumber} · ${athlete.stageName}` },
          {
            name: 'Stance',
            value: (
              <Select<Stance | 'usual'>
                aria-label="Stance"
                className={styles.control ?? ''}
                options={[
                  { value: 'usual', label: stance === null ? 'by school' : 'as the gym measures' },
                  ...(terms?.stances ?? []).map(({ code, name }) => ({ value: code, label: name })),
                ]}
                value={bench.wish.stance ?? 'usual'}
                onChange={(stance) => bench.chooseStance(stance === 'usual' ? undefined : stance)}
              />
            ),
          },
          {
            name: 'Handle',
            value: (
              <Input
                aria-label="Handle length"
                className={styles.control ?? ''}
                placeholder={
                  view?.handleLengthM == null ? 'not known' : formatLength(view.handleLengthM, unit)
                }
                value={handle}
                onChange={(event) => setHandle(event.target.value)}
                onBlur={() => bench.setHandle(handle)}
                onPressEnter={() => bench.setHandle(handle)}
              />
            ),
          },
        ]}
      />
      {refused !== null && (
        <p role="alert" className={styles.refused}>
          {refused.message}
        </p>
      )}
      {mayChange && <Tapes key={athlete.id} athlete={athlete} unit={unit} />}
      <Cautions cautions={athlete.cautions} off={athlete.allowance.jumping !== 'all'} />
      {view !== undefined && <p className={styles.hint}>{view.sources.handle}</p>}
    </>
  );
}
