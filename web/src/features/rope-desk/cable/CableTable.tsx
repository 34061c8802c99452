import { Button } from 'antd';
import { useRemoveCable, useRestoreCable, type CableRow, type Cables } from '../../../api/cables';
import { useUndoOffer } from '../../../design/log/useUndoOffer';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { newId } from '../../../lib/ids';
import styles from './CableTable.module.css';

function columnsOf({ sources, learningTurnsPerMin, doublesTurnsPerMin }: Cables) {
  const pull = `Pull, ${learningTurnsPerMin} / ${doublesTurnsPerMin}`;
  return [
    { name: 'g/m', of: 'the weight', from: sources.density },
    { name: 'Feel', of: 'the feel', from: sources.feel },
    { name: 'Effort', of: 'the effort', from: sources.effort },
    { name: pull, of: 'the pull', from: sources.pull },
    { name: 'Air', of: 'the power', from: sources.power },
    { name: 'Circle', of: 'the circle', from: sources.circle },
  ];
}

interface Props {
  all: Cables;
  mayChange: boolean;
  /** "244 cm": the length they are compared at. */
  at: string;
}

/** All cables beside each other: what they weigh, pull and cost. */
export function CableTable({ all, mayChange, at }: Props) {
  return (
    <div className={styles.scroll}>
      <table className={styles.cables}>
        <caption>
          In these hands, at {at} of cable. Pulls and powers are the core’s, not better than shown.
        </caption>
        <thead>
          <tr>
            <th scope="col">Cable</th>
            {columnsOf(all).map(({ name, of, from }) => (
              <th scope="col" key={name}>
                {name}
                <WhereFrom of={of}>{from}</WhereFrom>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {all.cables.map((cable) => (
            <tr key={cable.ownCableId ?? cable.family} className={cable.recommended ? styles.best : ''}>
              <th scope="row">
                {cable.name}
                <small>{remark(cable)}</small>
                {mayChange && <TakeAway cable={cable} />}
              </th>
              <td>{(cable.densityKgPerM * 1000).toFixed(1)}</td>
              <td>
                <Scale step={cable.feelStep} word={cable.feel} />
              </td>
              <td>
                <Scale step={cable.effortStep} word={cable.effort} />
              </td>
              <td>
                {cable.learningPullN.toFixed(1)} / {cable.doublesPullN.toFixed(0)} N
              </td>
              <td>{cable.doublesPowerW.toFixed(0)} W</td>
              <td>{(cable.wristCircleM * 100).toFixed(0)} cm</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function remark(cable: CableRow): string {
  const parts = [
    `${(cable.diameterM * 1000).toFixed(1)} mm`,
    cable.recommended ? 'recommended' : cable.forStage ? '' : 'not for this stage',
    cable.whips ? 'whips' : '',
  ];
  return parts.filter((part) => part !== '').join(' · ');
}

/** Four steps, filled up to the cable's, and the word. */
function Scale({ step, word }: { step: number; word: string }) {
  return (
    <span className={styles.scale}>
      <span aria-hidden="true">
        {[1, 2, 3, 4].map((at) => (
          <i key={at} className={at <= step ? styles.on : styles.off} />
        ))}
      </span>
      {word}
    </span>
  );
}

/** Takes one of the gym's own off the shelf, and puts it back. */
function TakeAway({ cable }: { cable: CableRow }) {
  const remove = useRemoveCable();
  const restore = useRestoreCable();
  const offerUndo = useUndoOffer();
  const { ownCableId: id, version } = cable;
  if (id === null || version === null) {
    return null;
  }
  const take = () =>
    remove.mutate(
      { id, change: { mutationId: newId(), version } },
      {
        onSuccess: (gone) =>
          offerUndo({
            key: id,
            title: `${cable.name} is off the shelf`,
            onUndo: () => restore.mutate({ id, change: { mutationId: newId(), version: gone.version } }),
          }),
      },
    );
  return (
    <Button type="link" size="small" className={styles.take ?? ''} onClick={take}>
      Remove this cable
    </Button>
  );
}
