import { Radio } from 'antd';
import { useState } from 'react';
import { useEntryList, type DayOrder, type Reading } from '../../api/entryList';
import { useMayChange } from '../../api/session';
import { LinesToLookAt } from '../../design/list/LinesToLookAt';
import { ListColumns } from '../../design/list/ListColumns';
import { PasteOrFile } from '../../design/list/PasteOrFile';
import { useBrought } from '../../design/list/useBrought';
import { Card } from '../../design/page/Card';
import { Workbench } from '../../design/page/Workbench';
import { AddEntries } from './parts/AddEntries';
import { ListedEntries } from './parts/ListedEntries';
import { OfWhat } from './parts/OfWhat';
import styles from '../../design/list/list.module.css';

const MEANINGS: Record<string, string> = {
  date: 'day',
  name: 'name',
  'first-name': 'first name',
  'last-name': 'last name',
  reps: 'reps',
  misses: 'misses',
};

const SAMPLES = [{ name: 'CSV', address: '/samples/log.csv' }];

/** A log that was kept in a spreadsheet comes in: pasted or as a file, shown as it was understood. */
export function EntriesPage() {
  const { text, file, columns, setColumns, bring, brought } = useBrought();
  const [order, setOrder] = useState<DayOrder | null>(null);
  const [drill, setDrill] = useState<string | null>(null);
  const reading: Reading = { columns, order, drill };
  const list = useEntryList(brought, reading);
  const mayChange = useMayChange();
  const seen = brought === null ? undefined : list.data;
  if (!mayChange) {
    return (
      <Workbench title="A log comes in">
        <p>Coaches bring logs in: ask one of them.</p>
      </Workbench>
    );
  }
  return (
    <Workbench
      title={seen?.sentence ?? 'Paste your log, as you have it'}
      decision={
        brought !== null &&
        seen !== undefined && (
          <Card strong label="What comes in">
            <AddEntries brought={brought} reading={reading} seen={seen} />
          </Card>
        )
      }
    >
      <div className={styles.stack}>
        <PasteOrFile
          text={text}
          file={file}
          onBring={(next) => {
            setOrder(null);
            bring(next);
          }}
          asks="One line for each set: a day, a name, reps and misses. Anything else may stand there too."
          example={'2026-11-17; Ilse; 38; 2\n2026-11-17; Femi; 12; 7'}
          samples={SAMPLES}
          error={list.isError && brought !== null ? list.error.message : null}
        />
        {seen !== undefined && <OfWhat drills={seen.drills} drill={drill} onChange={setDrill} />}
        {seen?.dayOrderAsked === true && (
          <Card label="Days">
            <h2>Which comes first in the days of your list?</h2>
            <div className={styles.choice}>
              <Radio.Group
                optionType="button"
                buttonStyle="solid"
                value={order}
                onChange={({ target }) => setOrder(target.value as DayOrder)}
                options={[
                  { value: 'day-first', label: 'the day: 3/4 is 3 April' },
                  { value: 'month-first', label: 'the month: 3/4 is 4 March' },
                ]}
              />
            </div>
          </Card>
        )}
        {seen !== undefined && <LinesToLookAt faults={seen.faults} pasted={file === null} />}
        {seen !== undefined && seen.columns.length > 0 && (
          <ListColumns columns={seen.columns} meanings={MEANINGS} onChange={setColumns} />
        )}
        {seen !== undefined && seen.entries.length > 0 && (
          <ListedEntries entries={seen.entries} hasMisses={seen.hasMisses} />
        )}
      </div>
    </Workbench>
  );
}
