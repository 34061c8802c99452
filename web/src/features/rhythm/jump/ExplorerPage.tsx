import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { useAthletes, type Athlete } from '../../../api/athletes';
import { ProblemError } from '../../../api/client';
import { useJumpExplorer, type JumpExplorer, type JumpWay } from '../../../api/rhythm';
import { useUnit } from '../../../api/session';
import { Card } from '../../../design/page/Card';
import { Facts } from '../../../design/page/Facts';
import { Fetched } from '../../../design/page/Fetched';
import { NotToday } from '../../../design/page/NotToday';
import { ChoiceField, FieldStack } from '../../../design/form/FieldStack';
import { NumberField } from '../../../design/form/NumberField';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { Empty } from '../../../design/page/StateNote';
import { useChosenPerson } from '../../../design/form/useChosenPerson';
import { Workbench } from '../../../design/page/Workbench';
import { formatLength } from '../../../lib/units';
import { JumpChart } from './JumpChart';
import { RhythmNav } from '../RhythmNav';
import styles from './ExplorerPage.module.css';

const passes = [
  { value: '1', label: 'singles' },
  { value: '2', label: 'doubles' },
  { value: '3', label: 'triples' },
];

/** Higher jump or faster wrist, with this athlete's own rope and feet. */
export function ExplorerPage() {
  const athletes = useAthletes();
  return (
    <Fetched
      fetch={athletes}
      place="Jump or wrist"
      what="the athletes"
      empty={{
        when: (all) => all.length === 0,
        page: () => (
          <Workbench title="Nobody jumps yet" nav={<RhythmNav />}>
            <Empty>
              Rope and feet are somebody’s: <Link to="/athletes/new">add an athlete</Link> first.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(all) => <Explorer athletes={all} />}
    </Fetched>
  );
}

function Explorer({ athletes }: { athletes: Athlete[] }) {
  const [athlete, choose] = useChosenPerson(athletes, (one) => one);
  const first = athlete.name.split(' ')[0] ?? athlete.name;
  const who = (
    <label>
      Athlete
      <PersonPicker people={athletes} value={athlete.id} onChange={choose} />
    </label>
  );
  return athlete.allowance.jumping === 'all' ? (
    <ExplorerOf key={athlete.id} athlete={athlete} first={first} who={who} />
  ) : (
    <Workbench title={`No jumps today for ${first}`} nav={<RhythmNav />} subject={who}>
      <NotToday allowance={athlete.allowance} name={first} />
    </Workbench>
  );
}

/** Nobody knows the handles of this athlete yet. */
function asksForHandles(error: Error | null): boolean {
  return error instanceof ProblemError && error.problem.errors?.[0]?.field === 'handle';
}

interface OfProps {
  athlete: Athlete;
  /** As they are called. */
  first: string;
  /** The field that chooses them. */
  who: ReactNode;
}

function ExplorerOf({ athlete, first, who }: OfProps) {
  const [kind, setKind] = useState('2');
  const [contactMs, setContact] = useState(180);
  const [handsOutCm, setHandsOut] = useState(0);
  const [jumpCm, setJump] = useState(15);
  const [highCm, setHigh] = useState(30);
  const [lowCm, setLow] = useState(10);
  const [massKg, setMass] = useState(75);
  const explorer = useJumpExplorer(athlete.id, {
    passes: Number(kind),
    contactMs,
    handsOutCm,
    jumpCm,
    highCm,
    lowCm,
    massKg,
  });
  if (asksForHandles(explorer.error)) {
    return (
      <Workbench title={`Ask ${first} for the handles first`} nav={<RhythmNav />} subject={who}>
        <Empty>
          What the wrist must do depends on the cable, and the cable on the handles:{' '}
          <Link to={`/ropes/${athlete.id}`}>size the rope</Link>.
        </Empty>
      </Workbench>
    );
  }
  return (
    <Fetched fetch={explorer} place="Jump or wrist" what="the jump">
      {(view) => (
        <Workbench
          title={titleOf(view)}
          nav={<RhythmNav />}
          decisionFirst
          decision={
            <Card strong label="How they jump">
              <FieldStack>
                {who}
                <ChoiceField label="Passes" options={passes} value={kind} onChange={setKind} />
                <NumberField label="Jump, cm" least={2} most={60} value={jumpCm} onChange={setJump} />
                <NumberField label="High one, cm" least={2} most={60} value={highCm} onChange={setHigh} />
                <NumberField label="Low one, cm" least={2} most={60} value={lowCm} onChange={setLow} />
                <NumberField label="Body, kg" least={15} most={250} value={massKg} onChange={setMass} />
                <NumberField
                  label="On the floor, ms"
                  least={80}
                  most={400}
                  value={contactMs}
                  onChange={setContact}
                />
                <NumberField
                  label="Hands out, cm each"
                  least={0}
                  most={30}
                  value={handsOutCm}
                  onChange={setHandsOut}
                />
              </FieldStack>
            </Card>
          }
        >
          <JumpChart explorer={view} passes={Number(kind)} />
          <p className={styles.answer}>{view.answer.sentence}</p>
          <p>{view.wideHands.sentence}</p>
          <div className={styles.ways}>
            <Way name="This jump" way={view.now} />
            <Way name="High and slow" way={view.highSlow} />
            <Way name="Low and fast" way={view.lowFast} />
          </div>
          <Contacts explorer={view} />
          <p className={styles.caution}>
            The power of the body is an upper bound: what the tendons give back is left out. Who has pain in
            calf or heel jumps low, and asks a professional.
          </p>
        </Workbench>
      )}
    </Fetched>
  );
}

function Way({ name, way }: { name: string; way: JumpWay }) {
  const unit = useUnit();
  return (
    <Card label={name}>
      <h2>{name}</h2>
      <Facts
        facts={[
          { name: 'Jump', value: formatLength(way.jumpM, unit) },
          { name: 'Reps a minute', value: way.cadencePerMin.toFixed(0) },
          { name: '50 reps', value: `${way.secondsFor50.toFixed(0)} s` },
          { name: 'Turning evenly', value: `${way.turnsPerMin.toFixed(0)} turns a minute` },
          {
            name: 'In the air at least',
            value:
              way.leastTurnsPerMin === null ? 'never enough' : `${way.leastTurnsPerMin.toFixed(0)} a minute`,
          },
          { name: 'Work of one jump', value: `${way.workJ.toFixed(0)} J` },
          { name: 'Power of the body', value: `${way.powerW.toFixed(0)} W` },
          { name: 'Power of the air', value: `${way.dragW.toFixed(0)} W` },
          {
            name: 'Spin may be late by',
            value: way.lateBudgetS < 0 ? 'not at all' : `${(1000 * way.lateBudgetS).toFixed(0)} ms`,
          },
        ]}
      />
    </Card>
  );
}

/** The third way: the same rope at one rate asks for less height from quick feet. */
function Contacts({ explorer }: { explorer: JumpExplorer }) {
  const unit = useUnit();
  return (
    <table className={styles.contacts}>
      <caption>Turning evenly, the least jump by the time on the floor</caption>
      <tbody>
        <tr>
          <th scope="row">On the floor</th>
          {explorer.contacts.map(({ contactMs }) => (
            <td key={contactMs}>{contactMs} ms</td>
          ))}
        </tr>
        <tr>
          <th scope="row">Jump</th>
          {explorer.contacts.map(({ contactMs, leastJumpM }) => (
            <td key={contactMs}>{formatLength(leastJumpM, unit)}</td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}

function titleOf(view: JumpExplorer): string {
  return view.now.lateBudgetS < 0
    ? 'This jump is too low for an even turn'
    : `This jump leaves ${(1000 * view.now.lateBudgetS).toFixed(0)} ms for a late spin`;
}
