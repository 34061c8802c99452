import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { useAthletes } from '../../../api/athletes';
import { pageExport, tableExport, wholeExport, zipExport } from '../../../api/exchange';
import { Card } from '../../../design/page/Card';
import { PersonPicker } from '../../../design/form/PersonPicker';
import styles from './Exchange.module.css';

/** The tables of somebody, and those of the gym alone. */
const THEIRS = [
  'athletes',
  'statures',
  'cautions',
  'ropes',
  'pins',
  'given_ropes',
  'attempts',
  'focuses',
  'goes',
  'stops',
  'attendance',
] as const;
const GYMS = ['settings', 'cables', 'rack', 'evenings'] as const;
const EVERYBODY = { id: '', name: 'Everybody' };

/** The files that can be taken out: all in one, or a table as CSV; of everybody or of one. */
export function ExportList() {
  const athletes = useAthletes();
  const [whom, setWhom] = useState('');
  const [marked, setMarked] = useState(false);
  const of = whom === '' ? undefined : whom;
  return (
    <Card label="Export">
      <h2>Export</h2>
      <div className={styles.whom}>
        <PersonPicker people={[EVERYBODY, ...(athletes.data ?? [])]} value={whom} onChange={setWhom} />
      </div>
      <Button size="large" block href={zipExport(of, marked)} download>
        All of it, one ZIP
      </Button>
      <p className={styles.quiet}>
        JSON, a CSV file of each table, and what is what. The ZIP comes in again whole.
      </p>
      <Checkbox checked={marked} onChange={(event) => setMarked(event.target.checked)}>
        CSV for a spreadsheet program that garbles accents
      </Checkbox>
      <ul className={styles.files}>
        <li>
          <a href={wholeExport(of)} download>
            All of it, JSON
          </a>
        </li>
        {of !== undefined && (
          <li>
            <a href={pageExport(of)} download>
              All of it, a page to read
            </a>
          </li>
        )}
        {[...THEIRS, ...(of === undefined ? GYMS : [])].map((table) => (
          <li key={table}>
            <a href={tableExport(table, of, marked)} download>
              {table.replace('_', ' ')}, CSV
            </a>
          </li>
        ))}
      </ul>
      <p>These files hold names and health notes: keep them as you would keep paper.</p>
      <p className={styles.quiet}>
        Who may sign in, passwords, links and sessions stay here: they are in no file. So do the ids of who
        was erased.
      </p>
    </Card>
  );
}
