import { AxisBottom, AxisLeft, type TickRendererProps } from '@visx/axis';
import type { scaleLinear, scaleTime } from '@visx/scale';
import { colours } from '../tokens';

const letters = { fill: colours.stone, fontSize: 12, fontFamily: 'Figtree Variable, sans-serif' };
const lines = { stroke: colours.hairline, tickStroke: colours.hairline };

type Numbers = ReturnType<typeof scaleLinear<number>>;
type Times = ReturnType<typeof scaleTime<number>>;

/** Plain letters: the library's own measure each word before they draw it. */
const beside = ({ x, y, formattedValue }: TickRendererProps) => (
  <text x={x - 4} y={y} dy={4} textAnchor="end" {...letters}>
    {formattedValue}
  </text>
);
const below = ({ x, y, formattedValue }: TickRendererProps) => (
  <text x={x} y={y} textAnchor="middle" {...letters}>
    {formattedValue}
  </text>
);

/** Numbers from below, few and whole. */
export function LeftAxis({
  scale,
  x,
  format,
}: {
  scale: Numbers;
  x: number;
  format?: (value: number) => string;
}) {
  return (
    <AxisLeft
      scale={scale}
      left={x}
      numTicks={4}
      {...lines}
      tickFormat={(value) => (format ?? String)(Number(value))}
      tickComponent={beside}
    />
  );
}

export function NumberAxis({ scale, y, width }: { scale: Numbers; y: number; width: number }) {
  return <AxisBottom scale={scale} top={y} numTicks={width < 480 ? 4 : 8} {...lines} tickComponent={below} />;
}

const month = new Intl.DateTimeFormat('en-GB', { month: 'short' });
const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });
/** In more days than these the months are named. */
const LONG_MS = 250 * 86_400_000;

/** Days, or months where there are many; the year with the first month of one. */
export function TimeAxis({ scale, y, width }: { scale: Times; y: number; width: number }) {
  const [from, to] = scale.domain();
  const long = (to?.getTime() ?? 0) - (from?.getTime() ?? 0) > LONG_MS;
  const named = (at: Date) =>
    long ? (at.getMonth() === 0 ? String(at.getFullYear()) : month.format(at)) : day.format(at);
  return (
    <AxisBottom
      scale={scale}
      top={y}
      numTicks={width < 480 ? 3 : 7}
      {...lines}
      tickFormat={(value) => named(value instanceof Date ? value : new Date(Number(value)))}
      tickComponent={below}
    />
  );
}

export { letters };
