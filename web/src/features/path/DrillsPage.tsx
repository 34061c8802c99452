import { Button } from 'antd';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useAthletes } from '../../api/athletes';
import { useDrills, type LibraryDrill } from '../../api/path';
import { useMayChange } from '../../api/session';
import { SetsNav } from '../../design/frame/SetsNav';
import { Card } from '../../design/page/Card';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { useFloor } from '../../design/page/useMedia';
import { Workbench } from '../../design/page/Workbench';
import { EVERYTHING, looksLike, type Looked } from './drillFilter';
import { DrillActs } from './parts/DrillActs';
import { DrillCard } from './parts/DrillCard';
import { DrillFilter } from './parts/DrillFilter';
import { DrillForm } from './parts/DrillForm';
import styles from './path.module.css';

/** In the address: whose drills, and which one is read. */
const FOR = 'for';
const DRILL = 'drill';

/** The drill library: those that are taught here, or to one athlete. */
export function DrillsPage() {
  const [params] = useSearchParams();
  const athleteId = params.get(FOR) ?? undefined;
  const drills = useDrills(athleteId);
  return (
    <Fetched fetch={drills} place="Drills" what="the drills">
      {(known) => <Library drills={known} {...(athleteId === undefined ? {} : { athleteId })} />}
    </Fetched>
  );
}

/** Own drills share one code: the row tells them apart. */
function keyOf(drill: LibraryDrill): string {
  return drill.family === 'own' ? (drill.ownId ?? drill.code) : drill.code;
}

function Library({ drills, athleteId }: { drills: LibraryDrill[]; athleteId?: string }) {
  const [looked, look] = useState<Looked>(EVERYTHING);
  const [params, setParams] = useSearchParams();
  const [writes, setWrites] = useState<'new' | 'copy' | null>(null);
  const athlete = useAthletes().data?.find((one) => one.id === athleteId);
  const mayChange = useMayChange();
  const wanted = useDeferredValue(looked);
  const found = useMemo(() => drills.filter((drill) => looksLike(drill, wanted)), [drills, wanted]);
  const picked = drills.find((drill) => keyOf(drill) === params.get(DRILL));
  const pick = (code: string) => {
    setWrites(null);
    const next = new URLSearchParams(params);
    next.set(DRILL, code);
    setParams(next, { replace: true });
  };
  const name = athlete?.name.split(' ')[0];
  const off = athlete !== undefined && athlete.allowance.jumping !== 'all';
  const count = `${found.length} ${found.length === 1 ? 'drill' : 'drills'}`;
  const whose = athleteId === undefined || name === undefined ? 'taught here' : `taught to ${name}`;
  return (
    <Workbench
      title={off ? `${name ?? ''}: no jumps today, ${count} without a landing` : `${count} ${whose}`}
      nav={<SetsNav />}
      decisionPrints
      decision={
        <Shown of={params.get(DRILL)}>
          <Card strong label="Drill">
            {writes !== null ? (
              <DrillForm
                key={writes}
                drill={writes === 'new' ? null : (picked ?? null)}
                onDone={() => setWrites(null)}
              />
            ) : picked === undefined ? (
              <Empty
                action={
                  mayChange && (
                    <Button size="large" onClick={() => setWrites('new')}>
                      A drill of your own
                    </Button>
                  )
                }
              >
                Touch a drill to read what it is for, how it is done and what to watch.
              </Empty>
            ) : (
              <>
                <DrillCard key={keyOf(picked)} drill={picked} onPick={pick} />
                {mayChange && <DrillActs drill={picked} onEdit={() => setWrites('copy')} />}
              </>
            )}
          </Card>
        </Shown>
      }
    >
      <DrillFilter drills={drills} looked={looked} onLook={look} />
      {found.length === 0 && <Empty>No drill is like that: fewer words, or another stage.</Empty>}
      <ul className={styles.drills}>
        {found.map((drill) => (
          <li key={keyOf(drill)}>
            <button
              type="button"
              className={styles.pick}
              aria-pressed={drill === picked}
              onClick={() => pick(keyOf(drill))}
            >
              <span className={drill.hidden ? styles.hidden : undefined}>{drill.title}</span>
              <span className={styles.dose}>
                {drill.ownId !== null && !drill.hidden && 'yours · '}
                {drill.dose}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </Workbench>
  );
}

/** On a phone the drill stands below the list: what was touched comes into sight. */
function Shown({ of, children }: { of: string | null; children: React.ReactNode }) {
  const place = useRef<HTMLDivElement>(null);
  const floor = useFloor();
  useEffect(() => {
    if (of !== null && floor) {
      void place.current?.scrollIntoView({ block: 'start' });
    }
  }, [of, floor]);
  return <div ref={place}>{children}</div>;
}
