import { Select } from 'antd';

interface Props {
  people: { id: string; name: string }[];
  value: string;
  onChange: (id: string) => void;
}

/** Whom a page is about, found by a part of the name. */
export function PersonPicker({ people, value, onChange }: Props) {
  return (
    <Select
      showSearch={{ optionFilterProp: 'label' }}
      aria-label="Athlete"
      value={value}
      onChange={onChange}
      options={people.map((person) => ({ value: person.id, label: person.name }))}
    />
  );
}
