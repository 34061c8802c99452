import { Select } from 'antd';

interface Props {
  people: { id: string; name: string }[];
  /** Nobody yet when left out. */
  value?: string;
  onChange: (id: string) => void;
  label?: string;
}

/** Whom a page is about, found by a part of the name. */
export function PersonPicker({ people, value, onChange, label = 'Athlete' }: Props) {
  return (
    <Select
      showSearch={{ optionFilterProp: 'label' }}
      aria-label={label}
      {...(value === undefined ? { placeholder: label } : { value })}
      onChange={onChange}
      options={people.map((person) => ({ value: person.id, label: person.name }))}
    />
  );
}
