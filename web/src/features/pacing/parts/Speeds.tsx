import type { Pacing } from '../../../api/pacing';
import { formatDuration } from '../../../lib/duration';
import { speedNames } from './said';
import styles from '../pacing.module.css';

/** High and slow, natural, low and fast: what each gives and takes; the coach draws the conclusion. */
export function Speeds({ speeds }: { speeds: Pacing['speeds'] }) {
  return (
    <details>
      <summary>High and slow, or low and fast</summary>
      <table className={styles.table} aria-label="Speeds">
        <thead>
          <tr>
            <th scope="col">Speed</th>
            <th scope="col">A minute</th>
            <th scope="col">The workout</th>
            <th scope="col">Work a jump</th>
            <th scope="col">Work a minute</th>
          </tr>
        </thead>
        <tbody>
          {speeds.map((one) => (
            <tr key={one.speed}>
              <th scope="row">
                {speedNames[one.speed]} <small>{Math.round(100 * one.jumpM)} cm</small>
              </th>
              <td data-label="A minute">{Math.round(one.aMinute)}</td>
              <td data-label="The workout">
                {one.expectedS === null ? 'by its clock' : formatDuration(one.expectedS)}
              </td>
              <td data-label="Work a jump">{times(one.workRatio)}</td>
              <td data-label="Work a minute">{times(one.powerRatio)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className={styles.source}>
        Work of the jump beside low and fast, an upper bound: the spring of the tendons is left out. The same
        chance of a miss is assumed at each speed; nothing is logged by speed. High and slow gives the wrist
        and the breath more time in each jump and costs more work; low and fast is for the clock, when the
        wrist holds it. Ask how hard each felt.
      </p>
    </details>
  );
}

function times(ratio: number): string {
  return ratio === 1 ? '1' : `${ratio.toFixed(1)} times`;
}
