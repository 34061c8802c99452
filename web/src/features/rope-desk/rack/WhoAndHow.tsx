import { Select } from 'antd';
import type { TonightWish } from '../../../api/rack';
import { useRopeTerms } from '../../../api/ropes';

interface Props {
  wish: TonightWish;
  onWish: (wish: TonightWish) => void;
}

type School = NonNullable<TonightWish['school']>;

/** Whom the rack serves tonight, and by which school. */
export function WhoAndHow({ wish, onWish }: Props) {
  const terms = useRopeTerms().data;
  const school = wish.school === undefined ? {} : { school: wish.school };
  return (
    <div className="no-print" style={{ display: 'flex', flexWrap: 'wrap', gap: 12, margin: '8px 0' }}>
      <label>
        For{' '}
        <Select
          aria-label="Whom the rack serves"
          style={{ minWidth: 210 }}
          value={wish.who ?? 'without'}
          options={[
            { value: 'without', label: 'those without a rope' },
            { value: 'everybody', label: 'everybody here tonight' },
          ]}
          onChange={(who: NonNullable<TonightWish['who']>) => onWish({ ...school, who })}
        />
      </label>
      <label>
        By{' '}
        <Select<School | 'own'>
          aria-label="Sizing method for all"
          style={{ minWidth: 190 }}
          value={wish.school ?? 'own'}
          options={[
            { value: 'own', label: 'each their own' },
            ...(terms?.schools ?? []).map(({ code, name }) => ({ value: code, label: `${name}, all` })),
          ]}
          onChange={(value) =>
            onWish({
              ...(wish.who === undefined ? {} : { who: wish.who }),
              ...(value === 'own' ? {} : { school: value }),
            })
          }
        />
      </label>
    </div>
  );
}
