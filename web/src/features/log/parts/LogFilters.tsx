import { Button, Input, Select } from 'antd';
import { useAthletes, useAthleteTerms } from '../../../api/athletes';
import type { EntrySearch } from '../../../api/logged';
import { useDrills } from '../../../api/path';
import { useUnit } from '../../../api/session';
import { useTrim } from '../../../api/trim';
import { FieldStack } from '../../../design/form/FieldStack';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { dayText } from '../../../lib/days';
import { formatLength } from '../../../lib/units';

interface Props {
  search: EntrySearch;
  /** Who wrote what is shown. */
  writers: string[];
  faults: { code: string; name: string }[];
  onAsk: (change: Partial<EntrySearch>) => void;
  onEverything: () => void;
}

const own = [
  { value: 'yes', label: 'their own count' },
  { value: 'no', label: 'a coach’s' },
];

/** Which entries: by whose, where on the path, what was done, who counted and when. */
export function LogFilters({ search, writers, faults, onAsk, onEverything }: Props) {
  const athletes = useAthletes().data ?? [];
  const stages = useAthleteTerms().data?.stages ?? [];
  const drills = useDrills().data ?? [];
  const choice = (word: string) => (word === '' ? {} : { value: word });
  return (
    <FieldStack>
      <label>
        Athlete
        <PersonPicker
          people={athletes}
          {...choice(search.athlete)}
          onChange={(athlete) => onAsk({ athlete, rope: '' })}
        />
      </label>
      <label>
        Stage
        <Select
          aria-label="Stage"
          allowClear
          placeholder="Any stage"
          {...choice(search.stage)}
          onChange={(stage?: string) => onAsk({ stage: stage ?? '' })}
          options={stages.map(({ code, name }) => ({ value: code, label: name }))}
        />
      </label>
      <label>
        What was done
        <Select
          aria-label="What was done"
          allowClear
          showSearch={{ optionFilterProp: 'label' }}
          placeholder="Anything"
          {...choice(search.drill)}
          onChange={(drill?: string) => onAsk({ drill: drill ?? '' })}
          options={drills.map(({ code, title }) => ({ value: code, label: title }))}
        />
      </label>
      <label>
        Written by
        <Select
          aria-label="Written by"
          allowClear
          showSearch
          placeholder="Anybody"
          {...choice(search.by)}
          onChange={(by?: string) => onAsk({ by: by ?? '' })}
          options={[...new Set([...writers, search.by])]
            .filter((name) => name !== '')
            .map((name) => ({ value: name }))}
        />
      </label>
      <label>
        Counted by
        <Select
          aria-label="Counted by"
          allowClear
          placeholder="Anybody"
          {...choice(search.own)}
          onChange={(word?: string) => onAsk({ own: word ?? '' })}
          options={own}
        />
      </label>
      {faults.length > 0 && (
        <label>
          Worked on
          <Select
            aria-label="Worked on"
            allowClear
            placeholder="Any fault, or none"
            {...choice(search.fault)}
            onChange={(fault?: string) => onAsk({ fault: fault ?? '' })}
            options={faults.map(({ code, name }) => ({ value: code, label: name }))}
          />
        </label>
      )}
      {search.athlete !== '' && (
        <RopeFilter key={search.athlete} athleteId={search.athlete} rope={search.rope} onAsk={onAsk} />
      )}
      <label>
        From
        <Input type="date" value={search.from} onChange={(event) => onAsk({ from: event.target.value })} />
      </label>
      <label>
        To
        <Input type="date" value={search.to} onChange={(event) => onAsk({ to: event.target.value })} />
      </label>
      {Object.values(search).some((word) => word !== '') && (
        <Button onClick={onEverything}>Everything</Button>
      )}
    </FieldStack>
  );
}

interface RopeProps {
  athleteId: string;
  rope: string;
  onAsk: Props['onAsk'];
}

/** The ropes that somebody had, by length. */
function RopeFilter({ athleteId, rope, onAsk }: RopeProps) {
  const unit = useUnit();
  const lengths = useTrim(athleteId, {}).data?.history ?? [];
  if (lengths.length === 0) {
    return null;
  }
  return (
    <label>
      Rope
      <Select
        aria-label="Rope"
        allowClear
        placeholder="Any rope"
        {...(rope === '' ? {} : { value: rope })}
        onChange={(id?: string) => onAsk({ rope: id ?? '' })}
        options={lengths.map(({ ropeId, cableLengthM, since }) => ({
          value: ropeId,
          label: `${formatLength(cableLengthM, unit)} since ${dayText(since)}`,
        }))}
      />
    </label>
  );
}
