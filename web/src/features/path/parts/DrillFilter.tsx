import { Input, Select } from 'antd';
import { useAthleteTerms } from '../../../api/athletes';
import type { LibraryDrill } from '../../../api/path';
import { valuesOf, type Looked } from '../drillFilter';
import styles from '../path.module.css';

interface Props {
  drills: readonly LibraryDrill[];
  looked: Looked;
  onLook: (looked: Looked) => void;
}

/** Search as you type, and a few things to narrow it by. */
export function DrillFilter({ drills, looked, onLook }: Props) {
  const stages = useAthleteTerms().data?.stages ?? [];
  const titles = new Map(drills.map((drill) => [drill.family, drill.familyTitle]));
  const set = (change: Partial<Looked>) => onLook({ ...looked, ...change });
  return (
    <div role="search" className={styles.filters}>
      <Input
        aria-label="Search the drills"
        size="large"
        placeholder="clap, toes, whistle …"
        value={looked.text}
        onChange={({ target }) => set({ text: target.value })}
      />
      <Select
        aria-label="Family"
        size="large"
        value={looked.family}
        onChange={(family) => set({ family })}
        options={[
          { value: '', label: 'every family' },
          ...[...titles].map(([value, label]) => ({ value, label })),
        ]}
      />
      <Select
        aria-label="Stage"
        size="large"
        value={looked.stage}
        onChange={(stage) => set({ stage })}
        options={[
          { value: '', label: 'every stage' },
          ...stages
            .filter(({ code }) => drills.some((drill) => drill.stages.includes(code)))
            .map(({ code, name }) => ({ value: code, label: name })),
        ]}
      />
      <Select
        aria-label="Without"
        size="large"
        value={looked.without}
        onChange={(without) => set({ without })}
        options={[
          { value: '', label: 'with whatever it needs' },
          ...valuesOf(drills, (drill) => drill.needs).map((value) => ({ value, label: `without ${value}` })),
        ]}
      />
      <Select
        aria-label="Shown"
        size="large"
        value={looked.shown}
        onChange={(shown: Looked['shown']) => set({ shown })}
        options={[
          { value: 'all', label: 'all that are taught' },
          { value: 'own', label: 'what you changed' },
          { value: 'hidden', label: 'what you hide' },
        ]}
      />
    </div>
  );
}
