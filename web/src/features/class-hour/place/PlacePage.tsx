import { Button, InputNumber } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useAthlete } from '../../../api/athletes';
import { usePlace, type Seen } from '../../../api/placement';
import { useMayChange } from '../../../api/session';
import { AtThumb } from '../../../design/page/AtThumb';
import { Card } from '../../../design/page/Card';
import { Fetched } from '../../../design/page/Fetched';
import { Workbench } from '../../../design/page/Workbench';
import { newId } from '../../../lib/ids';
import { PlacedAt } from './PlacedAt';
import { OneOfFew } from './OneOfFew';
import { TwentySeconds } from './TwentySeconds';
import { BEST, HALTS, MISSES, OF_THREE, ROPE, seenOf, type Touched } from './twoMinutes';
import styles from '../pages.module.css';

/** Two minutes with a newcomer: what one sees, by touches, and where they begin. */
export function PlacePage() {
  const { athleteId = '' } = useParams();
  const athlete = useAthlete(athleteId);
  return (
    <Fetched fetch={athlete} place="Two minutes" what="the athlete">
      {({ id, name }) => <TwoMinutes key={id} id={id} name={name.split(' ')[0] ?? name} />}
    </Fetched>
  );
}

function TwoMinutes({ id, name }: { id: string; name: string }) {
  const [touched, touch] = useState<Touched>({});
  // One id for one sight, however often it is sent.
  const [ids] = useState(() => new Map<string, string>());
  const place = usePlace();
  const mayChange = useMayChange();
  const seen = seenOf(id, touched);
  const set = (what: Touched) => touch((now) => ({ ...now, ...what }));
  const send = (what: Seen) => {
    const key = JSON.stringify(what);
    const sent = ids.get(key) ?? newId();
    ids.set(key, sent);
    place.mutate({ id: sent, seen: what });
  };
  if (!mayChange) {
    return (
      <Workbench title="Two minutes">
        <p>Coaches say where somebody begins.</p>
      </Workbench>
    );
  }
  return (
    <Workbench
      title={`Two minutes with ${name}`}
      decision={
        <Card strong label="Where they begin">
          {place.data !== undefined && <PlacedAt placed={place.data} athleteId={id} name={name} />}
          {place.isError && <p role="alert">{place.error.message}</p>}
          <AtThumb>
            <Button
              type="primary"
              size="large"
              block
              disabled={seen === null}
              loading={place.isPending}
              onClick={() => seen !== null && send(seen)}
            >
              {seen === null
                ? 'Touch what you saw'
                : place.data === undefined
                  ? `Place ${name}`
                  : 'Place anew'}
            </Button>
          </AtThumb>
        </Card>
      }
    >
      <div className={styles.days}>
        <p>
          Ask first: does anything hurt? Then <Link to={`/athletes/${id}`}>note it</Link>, and nobody jumps
          today.
        </p>
        <Card label="Hops">
          <TwentySeconds of="hops" />
          <OneOfFew
            label="The hops halted"
            options={HALTS}
            value={touched.halts}
            onChange={(halts) => set({ halts })}
          />
        </Card>
        <Card label="Singles">
          <TwentySeconds of="singles" onTapped={(turns) => set({ turns })} />
          <OneOfFew label="The rope" options={ROPE} value={touched.rope} onChange={(rope) => set({ rope })} />
          <OneOfFew
            label="Misses"
            options={MISSES}
            value={touched.misses}
            onChange={(misses) => set({ misses })}
          />
          <label className={styles.few}>
            Turns, if you counted
            <InputNumber<number>
              aria-label="Turns, if you counted"
              size="large"
              min={0}
              max={200}
              precision={0}
              value={touched.turns ?? null}
              onChange={(turns) => set({ turns })}
            />
          </label>
        </Card>
        <Card label="Doubles in a row">
          <OneOfFew
            label="Do they link doubles lately? Then three goes, the best counts"
            options={BEST}
            value={touched.best}
            onChange={(best) => set({ best })}
          />
        </Card>
        {(touched.best ?? 'none') === 'none' && (
          <Card label="Tall singles and doubles">
            <OneOfFew
              label="Tall singles, of three"
              options={OF_THREE}
              value={touched.tall}
              onChange={(tall) => set({ tall })}
            />
            <OneOfFew
              label="Doubles landed tall, of three"
              options={OF_THREE}
              value={touched.doubles}
              onChange={(doubles) => set({ doubles })}
            />
          </Card>
        )}
      </div>
    </Workbench>
  );
}
