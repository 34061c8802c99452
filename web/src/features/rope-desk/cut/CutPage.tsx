import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useAthletes, type Athlete } from '../../../api/athletes';
import { useCutSheet, type CutSheet, type CutWish } from '../../../api/cutting';
import { useUnit } from '../../../api/session';
import { Card } from '../../../design/page/Card';
import { Fetched } from '../../../design/page/Fetched';
import { FieldStack } from '../../../design/form/FieldStack';
import { Empty } from '../../../design/page/StateNote';
import { useKept } from '../../../design/page/useKept';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { Workbench } from '../../../design/page/Workbench';
import { CutBars } from './CutBars';
import { Labels } from './Labels';
import { RopesNav } from '../RopesNav';
import { whereFrom } from '../whereFrom';
import styles from './CutPage.module.css';

/** What is cut for whom, from the fewest coils: a bench sheet with boxes to tick, and a label for each rope. */
export function CutPage() {
  const athletes = useAthletes();
  return (
    <Fetched fetch={athletes} place="Cut list" what="the athletes">
      {(all) => <Cutting athletes={all} />}
    </Fetched>
  );
}

function Cutting({ athletes }: { athletes: Athlete[] }) {
  const [chosen, setChosen] = useState(() =>
    athletes.filter((athlete) => athlete.rope === null).map((athlete) => athlete.id),
  );
  const [wish, setWish] = useState<Omit<CutWish, 'athletes'>>({
    stock: '30 m',
    spare: '5 cm',
    kerf: '0.2 cm',
  });
  const answer = useCutSheet({ ...wish, athletes: chosen.join(',') });
  const sheet = useKept('sheet', answer.data);
  const unit = useUnit();
  const nothing = chosen.length === 0;
  return (
    <Workbench
      title={nothing ? 'Nobody to cut for' : titleOf(sheet)}
      nav={<RopesNav />}
      decision={
        <div className="no-print">
          <Card strong label="What to cut">
            <FieldStack>
              <label>
                For whom
                <Select
                  mode="multiple"
                  aria-label="For whom"
                  showSearch={{ optionFilterProp: 'label' }}
                  value={chosen}
                  onChange={setChosen}
                  options={athletes.map((athlete) => ({ value: athlete.id, label: athlete.name }))}
                />
              </label>
              <Field
                label="Coil, or pre-cut cable"
                value={wish.stock}
                onKeep={(stock) => setWish({ ...wish, stock })}
              />
              <Field
                label="Spare on each side"
                value={wish.spare}
                onKeep={(spare) => setWish({ ...wish, spare })}
              />
              <Field label="Lost to a cut" value={wish.kerf} onKeep={(kerf) => setWish({ ...wish, kerf })} />
              {answer.error !== null && (
                <p role="alert" className={styles.refused}>
                  {answer.error.message}
                </p>
              )}
              <Button type="primary" size="large" block disabled={nothing} onClick={() => window.print()}>
                Print sheet and labels
              </Button>
            </FieldStack>
          </Card>
          <p className={styles.hint}>
            Leave 5 cm (2 in) spare on each side until a length is settled, taped flat: a cut rope can not be
            let out again.
          </p>
        </div>
      }
    >
      {nothing || sheet === undefined ? (
        <Empty>
          Choose for whom: by default whoever has no rope yet. <Link to="/ropes">Size a rope</Link> to cut it
          as it is kept.
        </Empty>
      ) : (
        <div className={styles.sheet}>
          <p className={styles.day}>
            {sheet.day}
            <WhereFrom of="the number of coils">{whereFrom.stock}</WhereFrom>
          </p>
          {sheet.lists.map((list) => (
            <CutBars key={list.family} list={list} unit={unit} />
          ))}
          <Labels sheet={sheet} unit={unit} />
        </div>
      )}
    </Workbench>
  );
}

/** A length as it is typed; sent when it is left or Enter is pressed. */
function Field({ label, value, onKeep }: { label: string; value: string; onKeep: (value: string) => void }) {
  const [typed, setTyped] = useState(value);
  const keep = () => onKeep(typed.trim() === '' ? value : typed.trim());
  return (
    <label>
      {label}
      <Input
        aria-label={label}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onPressEnter={keep}
      />
    </label>
  );
}

function titleOf(sheet: CutSheet | undefined): string {
  if (sheet === undefined) {
    return 'Cut list';
  }
  const pieces = sheet.lists.flatMap((list) => list.bars.flatMap((bar) => bar.pieces)).length;
  const coils = sheet.lists.reduce((sum, list) => sum + list.bars.length, 0);
  return `${pieces} ${pieces === 1 ? 'cable' : 'cables'} from ${coils} ${coils === 1 ? 'coil' : 'coils'}`;
}
