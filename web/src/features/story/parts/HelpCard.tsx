import type { ClassStory } from '../../../api/story';
import { ChartCard } from '../../../design/chart/ChartCard';
import { RangeRows } from '../../../design/chart/RangeRows';

interface Props {
  title: string;
  /** What is compared: a cue or a drill. */
  what: string;
  /** What is counted of it. */
  counted: string;
  helps: ClassStory['helps'];
  said: string;
  file: string;
}

/** More would bury the first; the table has all. */
const DRAWN = 12;

/** How often one thing helped beside the others; the one that stands out is filled. */
export function HelpCard({ title, what, counted, helps, said, file }: Props) {
  const drawn = helps.slice(0, DRAWN).map((one) => ({
    ...one,
    name: `${one.cue} (${String(one.goes)})`,
    marked: one.standsOut,
  }));
  return (
    <ChartCard
      title={title}
      said={said}
      table={{
        head: [what, counted, 'better', 'of 100', 'at least', 'at most'],
        rows: helps.map(({ cue, goes, better, share, low, high }) => [
          cue,
          goes,
          better,
          ...[share, low, high].map((one) => Math.round(100 * one)),
        ]),
      }}
      file={file}
    >
      {helps.length === 0 ? null : (width) => <RangeRows rows={drawn} width={width} label={said} />}
    </ChartCard>
  );
}
