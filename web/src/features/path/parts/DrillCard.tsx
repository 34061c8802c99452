import { Button } from 'antd';
import type { LibraryDrill } from '../../../api/path';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { useMetronome } from '../../../design/beat/useMetronome';
import styles from '../path.module.css';

interface Props {
  drill: LibraryDrill;
  onPick: (code: string) => void;
}

/** All that a coach reads of a drill before teaching it. */
export function DrillCard({ drill, onPick }: Props) {
  const beat = useMetronome(drill.beats);
  const rests = drill.beats.length === 0;
  return (
    <>
      <h2>{drill.title}</h2>
      <p className={styles.dose}>
        {drill.familyTitle} · {drill.dose}
        {!rests && ` · ${drill.cadencePerMin} a minute`}
      </p>
      {!rests && (
        <>
          <BeatStrip beats={drill.beats} text={drill.text} head={beat.head} />
          <Button
            size="large"
            className="no-print"
            onClick={beat.playing ? beat.stop : beat.start}
            aria-pressed={beat.playing}
          >
            {beat.playing ? 'Stop the beat' : 'Play the beat'}
          </Button>
        </>
      )}
      {drill.cue !== '' && <p>“{drill.cue}”</p>}
      {drill.caution !== '' && <p role="note">{drill.caution}</p>}
      <dl className={styles.facts}>
        <Fact name="What for">{drill.why}</Fact>
        <Fact name="How">{drill.how}</Fact>
        <Fact name="Watch">{drill.watch}</Fact>
        <Fact name="Common mistake">{drill.mistake}</Fact>
        <Fact name="Needs">{drill.needs.join(', ') || 'nothing'}</Fact>
        <Fact name="Given for">{drill.fixes.join(', ')}</Fact>
        <Fact name="Loads">{drill.loads.join(', ') || 'eyes and ears only'}</Fact>
        <Fact name="Landings">
          {drill.contactsPerMin === 0 ? 'none' : `about ${Math.round(drill.contactsPerMin)} a minute`}
        </Fact>
      </dl>
      <p className={styles.acts}>
        {drill.easier !== null && <Neighbour word="Easier" to={drill.easier} onPick={onPick} />}
        {drill.harder !== null && <Neighbour word="Harder" to={drill.harder} onPick={onPick} />}
      </p>
      <p className={styles.quiet}>
        Something hurts: stop, and see a professional if it lasts. This is practice, no medical advice.
      </p>
    </>
  );
}

function Fact({ name, children }: { name: string; children: string }) {
  return children === '' ? null : (
    <div>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </div>
  );
}

function Neighbour({
  word,
  to,
  onPick,
}: {
  word: string;
  to: { code: string; title: string };
  onPick: (code: string) => void;
}) {
  return (
    <Button size="large" onClick={() => onPick(to.code)}>
      {word}: {to.title}
    </Button>
  );
}
