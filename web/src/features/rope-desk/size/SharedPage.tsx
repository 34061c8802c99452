import { Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useAthletes, type Athlete } from '../../../api/athletes';
import { useSharedRopes, type SharedRopes } from '../../../api/ropes';
import { useUnit } from '../../../api/session';
import { Card } from '../../../design/page/Card';
import { Fetched } from '../../../design/page/Fetched';
import { FieldStack } from '../../../design/form/FieldStack';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { Empty } from '../../../design/page/StateNote';
import { useKept } from '../../../design/page/useKept';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { Workbench } from '../../../design/page/Workbench';
import { formatLength, formatLong } from '../../../lib/units';
import { RopesNav } from '../RopesNav';
import styles from './SharedPage.module.css';

/** Ropes for two who jump in one, and for two who turn a pair for a third. */
export function SharedPage() {
  const athletes = useAthletes();
  return (
    <Fetched
      fetch={athletes}
      place="Ropes for two"
      what="the athletes"
      empty={{
        when: (all) => all.length < 2,
        page: () => (
          <Workbench title="A rope for two needs two">
            <Empty>
              <Link to="/athletes/new">Add an athlete</Link> first.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(all) => <Shared athletes={all} />}
    </Fetched>
  );
}

function Shared({ athletes }: { athletes: Athlete[] }) {
  const unit = useUnit();
  const [one, setOne] = useState(athletes[0]?.id ?? '');
  const [other, setOther] = useState(athletes[1]?.id ?? '');
  const [jumper, setJumper] = useState('');
  const [apart, setApart] = useState('');
  const [asked, setAsked] = useState('');
  const answer = useSharedRopes({
    one,
    other,
    ...(jumper === '' ? {} : { jumper }),
    ...(asked === '' ? {} : { apart: asked }),
  });
  const ropes = useKept('shared', answer.data);
  const ask = () => setAsked(apart.trim());
  return (
    <Workbench
      title="Two in one rope, or two who turn for a third"
      nav={<RopesNav />}
      decisionFirst
      decision={
        <Card strong label="Who">
          <FieldStack>
            <label>
              Holds the rope, or turns
              <PersonPicker label="One" people={athletes} value={one} onChange={setOne} />
            </label>
            <label>
              Jumps along, or turns
              <PersonPicker label="Other" people={athletes} value={other} onChange={setOther} />
            </label>
            <label>
              Jumps in the pair that they turn
              <PersonPicker
                label="Jumper"
                people={[{ id: '', name: 'nobody' }, ...athletes]}
                value={jumper}
                onChange={setJumper}
              />
            </label>
            <label>
              Turners’ hands apart
              <Input
                aria-label="Apart"
                placeholder={formatLong(2.5, unit)}
                value={apart}
                onChange={(event) => setApart(event.target.value)}
                onBlur={ask}
                onPressEnter={ask}
              />
            </label>
            {answer.error !== null && (
              <p role="alert" className={styles.refused}>
                {answer.error.message}
              </p>
            )}
          </FieldStack>
        </Card>
      }
    >
      {ropes !== undefined && <Lengths ropes={ropes} />}
      <p className={styles.hint}>
        In a shared rope the double bounce is right. For a turned pair teach the turners first, then the way
        in and out; keep the floor around it clear.
      </p>
    </Workbench>
  );
}

function Lengths({ ropes }: { ropes: SharedRopes }) {
  const unit = useUnit();
  const rows = [
    { name: 'Face to face', metres: ropes.faceToFaceM, why: ropes.faceToFace, from: ropes.partnerSource },
    { name: 'Side by side', metres: ropes.sideBySideM, why: ropes.sideBySide, from: ropes.partnerSource },
    ...(ropes.turnedM === null || ropes.turned === null
      ? []
      : [{ name: 'Turned pair', metres: ropes.turnedM, why: ropes.turned, from: ropes.turnedSource }]),
  ];
  return (
    <ul className={styles.lengths}>
      {rows.map((row) => (
        <li key={row.name}>
          <h2>{row.name}</h2>
          <p className={styles.length}>
            {formatLength(row.metres, unit)}
            <WhereFrom of={row.name}>{row.from}</WhereFrom>
          </p>
          <p>{row.why.sentence}</p>
        </li>
      ))}
    </ul>
  );
}
