import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useToday } from '../../api/classHour';
import { useEntryLog } from '../../api/entries';
import { useRoutine, type Routine, type RoutineWish } from '../../api/routines';
import { BeatStrip } from '../../design/beat/BeatStrip';
import { useMetronome } from '../../design/beat/useMetronome';
import { NumberField } from '../../design/form/NumberField';
import { PathNav } from '../../design/frame/PathNav';
import { AtThumb } from '../../design/page/AtThumb';
import { Card } from '../../design/page/Card';
import { Dressed } from '../../design/page/Dressed';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import styles from './weeks.module.css';

const LOGGED_AS = 'five-moves';

/** A freestyle routine of the moves an athlete has: chosen, played, printed, logged. */
export function RoutinePage() {
  const { id = '' } = useParams();
  const [wish, setWish] = useState<RoutineWish>({ seconds: null, beatsPerMin: 110, moves: [] });
  return (
    <Fetched fetch={useRoutine(id, wish)} place="Routine" what="the routine">
      {(routine) => (
        <Dressed>
          <Page id={id} routine={routine} wish={wish} onWish={setWish} />
        </Dressed>
      )}
    </Fetched>
  );
}

interface Props {
  id: string;
  routine: Routine;
  wish: RoutineWish;
  onWish: (wish: RoutineWish) => void;
}

function Page({ id, routine, wish, onWish }: Props) {
  const name = routine.firstName;
  const seconds = Math.round(routine.seconds);
  const moves = routine.moves.filter(({ code }) => code !== 'poses');
  if (routine.moves.length === 0) {
    return (
      <Workbench title={`${name} has no moves for a routine yet`} nav={<PathNav athleteId={id} />}>
        <Empty>Footwork comes with the stage Range: until then singles until they run by themselves.</Empty>
      </Workbench>
    );
  }
  return (
    <Workbench
      title={`${name}: ${String(moves.length)} moves in ${String(seconds)} seconds`}
      nav={<PathNav athleteId={id} />}
      decision={<Play id={id} name={name} routine={routine} />}
      subject={
        <div className={styles.wish}>
          <NumberField
            label="Seconds"
            least={30}
            most={60}
            value={wish.seconds ?? seconds}
            onChange={(next) => onWish({ ...wish, seconds: next })}
          />
          <NumberField
            label="Beats a minute"
            least={60}
            most={180}
            value={wish.beatsPerMin}
            onChange={(beatsPerMin) => onWish({ ...wish, beatsPerMin })}
          />
          <details>
            <summary>Moves they have</summary>
            <Checkbox.Group
              className={styles.moves ?? ''}
              aria-label="Moves they have"
              value={wish.moves.length === 0 ? routine.taught.map(({ code }) => code) : [...wish.moves]}
              onChange={(chosen) => {
                // Fewer than three are no routine.
                if (chosen.length >= 3) {
                  onWish({ ...wish, moves: chosen });
                }
              }}
              options={routine.taught.map(({ code, title }) => ({ label: title, value: code }))}
            />
          </details>
        </div>
      }
    >
      <ol className={styles.homework} aria-label="The routine">
        {routine.moves.map((move, i) => (
          <li key={`${move.code} ${String(i)}`}>
            <strong>{i === 0 ? 'Opening pose' : move.code === 'poses' ? 'Closing pose' : move.title}</strong>{' '}
            {move.beats} beats
          </li>
        ))}
      </ol>
      <section aria-label="Two turned ropes">
        <h2>Two turned ropes: in this order</h2>
        <ol>
          {routine.twoRopes.map((title) => (
            <li key={title}>{title}</li>
          ))}
        </ol>
      </section>
    </Workbench>
  );
}

function Play({ id, name, routine }: { id: string; name: string; routine: Routine }) {
  const metronome = useMetronome(routine.beats);
  const { log } = useEntryLog();
  const jumps = useToday(id).data?.allowance.jumping === 'all';
  const [logged, setLogged] = useState(false);
  const note = () => {
    const reps = Math.round(routine.seconds);
    log({ athleteId: id, name, drill: LOGGED_AS }, { kind: 'hold', reps, misses: 0, end: null, clean: true });
    setLogged(true);
  };
  return (
    <Card strong label="Play it">
      <h2>Play it</h2>
      <BeatStrip
        beats={routine.beats}
        text={routine.moves.map(({ title }) => title).join(', ')}
        head={metronome.head}
      />
      <AtThumb>
        <Button
          type="primary"
          size="large"
          block
          onClick={metronome.playing ? metronome.stop : metronome.start}
        >
          {metronome.playing ? 'Stop the beat' : 'Play the routine'}
        </Button>
      </AtThumb>
      <div className={`no-print ${styles.address ?? ''}`}>
        <Button disabled={!jumps} onClick={note}>
          Log it: without a miss
        </Button>
        <Button onClick={() => window.print()}>Print</Button>
      </div>
      {logged && <p role="status">Logged: {Math.round(routine.seconds)} s without a miss.</p>}
    </Card>
  );
}
