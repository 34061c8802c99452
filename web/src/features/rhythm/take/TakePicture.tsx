import { Button } from 'antd';
import { useState, type KeyboardEvent } from 'react';
import type { HeardTake } from '../../../api/recordings';
import { BASE, BeatArcs } from '../../../design/beat/BeatArcs';
import { beatsOf, movedMark, withMark, withoutMark, type Channel, type Marks } from '../../../lib/marks';
import styles from './TakePicture.module.css';

interface Props {
  marks: Marks;
  /** Of each jump; empty while they are counted. */
  passes: number[];
  /** How loud it was; without it only the marks are drawn. */
  wave: HeardTake | null;
  /** Left out: the marks are only shown, the newest always in sight. */
  onChange?: (marks: Marks) => void;
}

const WIDTH = 800;
const WINDOW_S = 10;
const STEP_S = 0.01;
const lanes: { channel: Channel; name: string; one: string; middle: number }[] = [
  { channel: 'turnsS', name: 'rope', one: 'Turn', middle: 48 },
  { channel: 'landingsS', name: 'feet', one: 'Landing', middle: 128 },
];
const HALF = 34;
const FINGER_PX = 10;
const STRIP_TOP = 168;

/** What was heard above what was made of it: a mark is a button, so that a wrong one is mended by finger or by key. */
export function TakePicture({ marks, passes, wave, onChange }: Props) {
  const end = Math.max(wave?.seconds ?? 0, marks.turnsS.at(-1) ?? 0, marks.landingsS.at(-1) ?? 0, 1);
  const [page, setPage] = useState(0);
  const span = Math.min(WINDOW_S, end);
  const from = onChange === undefined ? Math.max(0, Math.ceil(end - span)) : page;
  const x = (at: number) => ((at - from) / span) * WIDTH;
  const seen = (at: number) => at >= from && at <= from + span;
  const pages = end > span && onChange !== undefined;
  return (
    <section aria-label="What was heard" className={styles.picture}>
      <svg
        viewBox={`0 0 ${WIDTH} 222`}
        role="group"
        aria-label={`${from.toFixed(0)} to ${(from + span).toFixed(0)} s`}
      >
        {lanes.map((lane) => (
          <g key={lane.channel}>
            <rect
              x={0}
              y={lane.middle - HALF}
              width={WIDTH}
              height={2 * HALF}
              className={styles.lane}
              data-lane={lane.channel}
              onClick={(event) => {
                const box = event.currentTarget.getBoundingClientRect();
                const perPixel = span / box.width;
                onChange?.(
                  touched(
                    marks,
                    lane.channel,
                    from + (event.clientX - box.left) * perPixel,
                    FINGER_PX * perPixel,
                  ),
                );
              }}
            />
            {wave !== null && (
              <path d={outline(wave, lane.channel, from, span, lane.middle)} className={styles.wave} />
            )}
            <text x={4} y={lane.middle - HALF + 13} className={styles.name}>
              {lane.name}
            </text>
            {marks[lane.channel].filter(seen).map((at) => (
              <line
                key={at}
                x1={x(at)}
                x2={x(at)}
                y1={lane.middle - HALF}
                y2={lane.middle + HALF}
                className={lane.channel === 'turnsS' ? styles.turn : styles.landing}
                tabIndex={0}
                role="button"
                aria-label={`${lane.one} at ${at.toFixed(2)} s: Delete takes it away, arrows move it`}
                onKeyDown={(event) =>
                  onChange !== undefined && byKey(event, marks, lane.channel, at, onChange)
                }
              />
            ))}
          </g>
        ))}
        <g transform={`translate(0 ${STRIP_TOP})`}>
          <line x1={0} x2={WIDTH} y1={BASE + 3.5} y2={BASE + 3.5} className={styles.floor} />
          <BeatArcs
            drawn={beatsOf(marks, passes)
              .filter((beat) => seen(beat.atS))
              .map((beat) => ({ ...beat, x: x(beat.atS), width: x(beat.endS) - x(beat.atS) }))}
          />
        </g>
        {Array.from({ length: Math.floor(span) + 1 }, (_, i) => (
          <text key={i} x={x(from + i) + 2} y={220} className={styles.second}>
            {from + i}
          </text>
        ))}
      </svg>
      <div className={styles.row}>
        {onChange !== undefined && <p>Touch a lane to set a mark, touch a mark to take it away.</p>}
        {pages && (
          <>
            <Button disabled={from === 0} onClick={() => setPage(Math.max(0, from - WINDOW_S))}>
              Earlier
            </Button>
            <Button disabled={from + span >= end} onClick={() => setPage(from + WINDOW_S)}>
              Later
            </Button>
          </>
        )}
      </div>
    </section>
  );
}

/** A finger on a mark takes it away, beside all of them it sets one. */
function touched(marks: Marks, channel: Channel, at: number, within: number): Marks {
  const near = marks[channel].find((one) => Math.abs(one - at) <= within);
  return near === undefined ? withMark(marks, channel, at) : withoutMark(marks, channel, near);
}

function byKey(
  event: KeyboardEvent,
  marks: Marks,
  channel: Channel,
  at: number,
  onChange: (marks: Marks) => void,
): void {
  const by = { ArrowLeft: -STEP_S, ArrowRight: STEP_S }[event.key];
  if (by !== undefined) {
    event.preventDefault();
    onChange(movedMark(marks, channel, at, at + by));
  } else if (['Delete', 'Backspace', 'Enter'].includes(event.key)) {
    event.preventDefault();
    onChange(withoutMark(marks, channel, at));
  }
}

/** The loudness of a band, mirrored about the middle of its lane. */
function outline(wave: HeardTake, channel: Channel, from: number, span: number, middle: number): string {
  const loud = channel === 'turnsS' ? wave.ticks : wave.thuds;
  const first = Math.floor(from / wave.columnS);
  const last = Math.min(loud.length - 1, Math.ceil((from + span) / wave.columnS));
  const points: string[] = [];
  for (let i = first; i <= last; i += 1) {
    const x = (((i + 0.5) * wave.columnS - from) / span) * WIDTH;
    const half = ((loud[i] ?? 0) / 1000) * (HALF - 2);
    points.push(`M${x.toFixed(1)} ${(middle - half).toFixed(1)}V${(middle + half).toFixed(1)}`);
  }
  return points.join('');
}
