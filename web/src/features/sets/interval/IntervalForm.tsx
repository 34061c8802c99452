import { Checkbox, Input, Select } from 'antd';
import { useState } from 'react';
import type { Intervals, IntervalWish } from '../../../api/sets';
import { NumberField } from '../../../design/form/NumberField';

interface Props {
  /** As the server read the last wish. */
  set: Intervals;
  onWish: (wish: IntervalWish) => void;
}

/** Work, rest, rounds and stations; the same as one line of text, which can be typed, copied and kept. */
export function IntervalForm({ set, onWish }: Props) {
  const stations = set.stations.join(', ');
  const { keepLastRest } = set;
  const fields = { workS: set.workS, restS: set.restS, rounds: set.rounds, stations, keepLastRest };
  return (
    <>
      <NumberField
        label="Work, s"
        least={1}
        most={600}
        value={set.workS}
        onChange={(workS) => onWish({ ...fields, workS })}
      />
      <NumberField
        label="Rest, s"
        least={0}
        most={600}
        value={set.restS}
        onChange={(restS) => onWish({ ...fields, restS })}
      />
      <NumberField
        label={set.stations.length > 0 ? 'Times through' : 'Rounds'}
        least={1}
        most={60}
        value={set.rounds}
        onChange={(rounds) => onWish({ ...fields, rounds })}
      />
      <Typed
        key={`stations ${stations}`}
        label="Stations, if it is a circuit"
        value={stations}
        placeholder="hops, tall singles"
        onDone={(typed) => onWish({ ...fields, stations: typed })}
      />
      <Typed
        key={`text ${set.text}`}
        label="As a text"
        value={set.text}
        suggestions={set.presets.map((preset) => preset.text)}
        onDone={(text) => onWish({ text, keepLastRest })}
      />
      <label>
        As it is usual
        <Select
          aria-label="As it is usual"
          value={null}
          placeholder="choose a usual set"
          options={set.presets.map((preset) => ({ value: preset.text, label: preset.title }))}
          onChange={(text: string) => onWish({ text, keepLastRest })}
        />
      </label>
      <Checkbox
        checked={keepLastRest}
        onChange={(event) => onWish({ text: set.text, keepLastRest: event.target.checked })}
      >
        Keep the rest after the last work
      </Checkbox>
    </>
  );
}

interface TypedProps {
  label: string;
  value: string;
  placeholder?: string;
  suggestions?: string[];
  onDone: (typed: string) => void;
}

/** Sent when one leaves the field or presses Enter, not at every letter. */
function Typed({ label, value, placeholder = '', suggestions = [], onDone }: TypedProps) {
  const [typed, setTyped] = useState(value);
  const done = () => typed !== value && onDone(typed);
  return (
    <label>
      {label}
      <Input
        aria-label={label}
        value={typed}
        placeholder={placeholder}
        list={suggestions.length > 0 ? 'interval-examples' : undefined}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={done}
        onPressEnter={done}
      />
      {suggestions.length > 0 && (
        <datalist id="interval-examples">
          {suggestions.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
    </label>
  );
}
