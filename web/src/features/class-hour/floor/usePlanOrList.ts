import { useState } from 'react';
import { useFloor } from '../../../design/page/useMedia';

const KEPT = 'zumbo-hall-as';

/** The plan of the hall where there is room for it, a list on phones and for whoever wants one. */
export function usePlanOrList(): { plan: boolean; choose: (plan: boolean) => void } {
  const narrow = useFloor();
  const [asList, setAsList] = useState(() => localStorage.getItem(KEPT) === 'list');
  return {
    plan: !narrow && !asList,
    choose: (plan) => {
      localStorage.setItem(KEPT, plan ? 'plan' : 'list');
      setAsList(!plan);
    },
  };
}
