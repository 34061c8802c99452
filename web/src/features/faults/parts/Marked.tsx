import { Button } from 'antd';
import { notedAs, type Noted, type SignCode, type SignGroup } from '../../../api/faults';
import styles from './Marked.module.css';

interface Props {
  groups: SignGroup[];
  noted: Noted;
  onForget: (sign: SignCode) => void;
  onClear: () => void;
}

/** What was noted so far, each taken away by a touch. */
export function Marked({ groups, noted, onForget, onClear }: Props) {
  const texts = new Map(groups.flatMap((group) => group.signs.map(({ code, text }) => [code, text])));
  const marked = (['seen', 'fine', 'untold'] as const).flatMap((as) =>
    notedAs(noted, as).map((sign) => ({ sign, as })),
  );
  if (marked.length === 0) {
    return null;
  }
  return (
    <div role="group" aria-label="Noted" className={styles.marked}>
      {marked.map(({ sign, as }) => (
        <Button key={sign} onClick={() => onForget(sign)} aria-label={`Forget ${texts.get(sign) ?? sign}`}>
          {words[as]}
          {texts.get(sign)} ×
        </Button>
      ))}
      <Button type="link" onClick={onClear}>
        Clear all
      </Button>
    </div>
  );
}

const words = { seen: '', fine: 'fine: ', untold: 'can’t tell: ' };
