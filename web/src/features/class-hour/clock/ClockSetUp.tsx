import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { useStartClock } from '../../../api/classClock';
import type { ClassAthlete, Station } from '../../../api/classHour';
import { ClassNav } from '../../../design/frame/ClassNav';
import { AtThumb } from '../../../design/page/AtThumb';
import { Card } from '../../../design/page/Card';
import { Workbench } from '../../../design/page/Workbench';
import { keepDraft, readDraft, type DraftProgramme } from '../../../lib/clockDraft';
import { newId } from '../../../lib/ids';
import { newSecret } from '../../../lib/wayIn';
import styles from './ClockSetUp.module.css';

interface Props {
  athletes: readonly ClassAthlete[];
  stations: readonly Station[];
}

const USUAL = '20/10 x8';

/** Before the start: who does what. */
export function ClockSetUp({ athletes, stations }: Props) {
  const jumping = athletes.filter((one) => one.allowance.jumping === 'all');
  const [draft, setDraft] = useState(() => {
    const kept = stillHere(readDraft(), jumping);
    return kept.length > 0
      ? kept
      : [{ title: 'Everybody', text: USUAL, athletes: jumping.map(({ id }) => id) }];
  });
  const start = useStartClock();
  const keep = (next: DraftProgramme[]) => {
    keepDraft(next);
    setDraft(next);
  };
  const change = (at: number, part: Partial<DraftProgramme>) =>
    keep(
      draft.map((one, i) =>
        i === at
          ? { ...one, ...part }
          : { ...one, athletes: one.athletes.filter((id) => part.athletes?.includes(id) !== true) },
      ),
    );
  const byStation = () =>
    keep(
      stations.flatMap((station) => {
        const there = jumping.filter((one) => one.station === station.phase).map(({ id }) => id);
        return there.length === 0 ? [] : [{ title: station.name, text: USUAL, athletes: there }];
      }),
    );
  const unused = jumping.filter((one) => !draft.some(({ athletes: there }) => there.includes(one.id)));
  return (
    <Workbench
      title="One clock for the class: who does what?"
      nav={<ClassNav />}
      decision={
        <div className={styles.decide}>
          <AtThumb>
            <Button
              type="primary"
              size="large"
              block
              disabled={draft.length === 0 || start.isPending}
              onClick={() => start.mutate({ id: newId(), programmes: draft, linkSecret: newSecret() })}
            >
              Start the clock
            </Button>
          </AtThumb>
          <p>
            Ten seconds to get ready. Every coach’s screen, the wall and the athletes’ link show the same
            second.
          </p>
          {start.isError && <p role="alert">{start.error.message}</p>}
          {unused.length > 0 && (
            <p role="note">Without a programme: {unused.map((one) => one.firstName).join(', ')}.</p>
          )}
          <Button size="large" onClick={byStation}>
            One programme for each station
          </Button>
          <Button
            size="large"
            onClick={() => keep([...draft, { title: 'Another', text: USUAL, athletes: [] }])}
          >
            Add a programme
          </Button>
        </div>
      }
    >
      <div className={styles.programmes}>
        {draft.map((programme, i) => (
          <Card key={i} label={`Programme ${i + 1}`}>
            <div className={styles.fields}>
              <label>
                Name
                <Input
                  value={programme.title}
                  maxLength={60}
                  aria-label={`Name of programme ${i + 1}`}
                  onChange={(event) => change(i, { title: event.target.value })}
                />
              </label>
              <label>
                Work and rest
                <Input
                  value={programme.text}
                  aria-label={`Work and rest of programme ${i + 1}`}
                  onChange={(event) => change(i, { text: event.target.value })}
                />
              </label>
              <label className={styles.wide}>
                Who
                <Select
                  mode="multiple"
                  aria-label={`Who is in programme ${i + 1}`}
                  value={programme.athletes}
                  showSearch={{ optionFilterProp: 'label' }}
                  style={{ width: '100%' }}
                  options={jumping.map((one) => ({ value: one.id, label: one.firstName }))}
                  onChange={(there: string[]) => change(i, { athletes: there })}
                />
              </label>
              {draft.length > 1 && (
                <Button type="text" onClick={() => keep(draft.filter((_, j) => j !== i))}>
                  Remove {programme.title}
                </Button>
              )}
            </div>
          </Card>
        ))}
      </div>
    </Workbench>
  );
}

/** Whoever left, or may not jump, is in no programme. */
function stillHere(draft: readonly DraftProgramme[], jumping: readonly ClassAthlete[]): DraftProgramme[] {
  const here = new Set(jumping.map(({ id }) => id));
  return draft
    .map((one) => ({ ...one, athletes: one.athletes.filter((id) => here.has(id)) }))
    .filter((one) => one.athletes.length > 0);
}
