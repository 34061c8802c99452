import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
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
import { formatFine, formatLength, formatLong } from '../../../lib/units';
import { CutBars } from './CutBars';
import { Labels } from './Labels';
import { RopesNav } from '../RopesNav';
import { AtThumb } from '../../../design/page/AtThumb';
import styles from './CutPage.module.css';

/** In the address: ids, parted by commas. */
const FOR = 'for';

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
  const [query] = useSearchParams();
  const [chosen, setChosen] = useState(() => firstChoice(athletes, query.get(FOR)));
  const [wish, setWish] = useState<Omit<CutWish, 'athletes'>>({});
  const answer = useCutSheet({ ...wish, athletes: chosen.join(',') });
  const sheet = useKept('sheet', answer.data);
  const unit = useUnit();
  const nothing = chosen.length === 0;
  return (
    <Workbench
      title={nothing ? 'Nobody to cut for' : titleOf(sheet)}
      nav={<RopesNav />}
      decisionFirst
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
                label="Coils, or pre-cut cables"
                value={wish.stock ?? sheet?.stock ?? ''}
                onKeep={(stock) => setWish({ ...wish, stock })}
              />
              <p className={styles.hint}>
                Several at once: {formatLong(30, unit)}, {formatLong(3.05, unit)} x 4. Without a number, as
                many as are needed.
              </p>
              <Field
                label="Spare on each side"
                value={wish.spare ?? (sheet === undefined ? '' : formatLength(sheet.sparePerSideM, unit))}
                onKeep={(spare) => setWish({ ...wish, spare })}
              />
              <Field
                label="Waste per cut"
                value={wish.kerf ?? (sheet === undefined ? '' : formatFine(sheet.kerfM, unit))}
                onKeep={(kerf) => setWish({ ...wish, kerf })}
              />
              {answer.error !== null && (
                <p role="alert" className={styles.refused}>
                  {answer.error.message}
                </p>
              )}
              <AtThumb>
                <Button type="primary" size="large" block disabled={nothing} onClick={() => window.print()}>
                  Print sheet and labels
                </Button>
              </AtThumb>
            </FieldStack>
          </Card>
          {sheet !== undefined && <p className={styles.hint}>{sheet.advice.sentence}</p>}
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
            <WhereFrom of="the number of coils">{sheet.stockSource}</WhereFrom>
          </p>
          {sheet.handlesUnknown.length > 0 && (
            <p role="note">
              Ask for the handles first, the cable depends on them: {sheet.handlesUnknown.join(', ')}.
            </p>
          )}
          {sheet.lists.map((list) => (
            <CutBars key={list.family} list={list} source={sheet.cutSource} unit={unit} />
          ))}
          <Labels sheet={sheet} unit={unit} />
        </div>
      )}
    </Workbench>
  );
}

/** Whom one comes for, else whoever has no rope yet. */
function firstChoice(athletes: Athlete[], whom: string | null): string[] {
  const wanted = whom?.split(',') ?? null;
  return athletes
    .filter(({ id, rope }) => (wanted === null ? rope === null : wanted.includes(id)))
    .map(({ id }) => id);
}

interface FieldProps {
  label: string;
  value: string;
  onKeep: (value: string) => void;
}

/** A length as it is typed; sent when it is left or Enter is pressed. Untouched, it shows what is usual. */
function Field({ label, value, onKeep }: FieldProps) {
  const [typed, setTyped] = useState<string>();
  const keep = () => {
    const wanted = typed?.trim() ?? '';
    if (wanted !== '' && wanted !== value) {
      onKeep(wanted);
    }
    setTyped(undefined);
  };
  return (
    <label>
      {label}
      <Input
        aria-label={label}
        value={typed ?? value}
        // From now on nothing that arrives takes the place of what is being typed.
        onFocus={() => setTyped(value)}
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
  if (sheet.lists.length === 0 && sheet.handlesUnknown.length > 0) {
    return 'Ask for the handles before cutting';
  }
  const pieces = sheet.lists.flatMap((list) => list.bars.flatMap((bar) => bar.pieces)).length;
  const coils = sheet.lists.reduce((sum, list) => sum + list.bars.length, 0);
  return `${pieces} ${pieces === 1 ? 'cable' : 'cables'} from ${coils} ${coils === 1 ? 'coil' : 'coils'}`;
}
