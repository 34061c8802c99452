import { useEffect, useRef, useState } from 'react';
import { fetchArc, type HandLimits, type Hands, type Turning } from '../../../api/ropes';
import { LatestAnswer } from '../../../lib/latestAnswer';

/**
 * Hands that a coach drags: they move at once, the rope as soon as the server has computed it. One question at a time, and
 * the last place always gets its answer. Without a cable (null) there is nothing to move.
 */
export function useMovedHands(athleteId: string, cableM: number | null, limits: HandLimits) {
  const [hands, setHands] = useState<Hands>();
  const last = useRef<Hands>(undefined);
  const [turning, setTurning] = useState<Turning>();
  const [refused, setRefused] = useState<Error>();
  const [asker] = useState(
    () =>
      new LatestAnswer(
        (asked: { hands: Hands; cableM: number }) =>
          fetchArc(athleteId, `${(asked.cableM * 100).toFixed(2)} cm`, asked.hands),
        (answer) => {
          setTurning(answer);
          setRefused(undefined);
        },
        setRefused,
      ),
  );
  // Another cable in the same hands.
  useEffect(() => {
    if (last.current !== undefined && cableM !== null) {
      asker.ask({ hands: last.current, cableM });
    }
  }, [asker, cableM]);
  const move = (to: Hands) => {
    const hands = held(to, limits);
    last.current = hands;
    if (cableM !== null) {
      // Before anything is drawn: the server computes meanwhile.
      asker.ask({ hands, cableM });
    }
    setHands(hands);
  };
  const putBack = () => {
    asker.forget();
    last.current = undefined;
    setHands(undefined);
    setTurning(undefined);
    setRefused(undefined);
  };
  return {
    hands,
    turning: hands === undefined ? undefined : turning,
    refused,
    move,
    putBack,
  };
}

/** No further than a hand can go. */
function held(hands: Hands, limits: HandLimits): Hands {
  const out = (metres: number) => within(metres, limits.leastOutM, limits.mostOutM);
  const height = (metres: number) => within(metres, limits.leastHeightM, limits.mostHeightM);
  return {
    leftOutM: out(hands.leftOutM),
    leftHeightM: height(hands.leftHeightM),
    rightOutM: out(hands.rightOutM),
    rightHeightM: height(hands.rightHeightM),
    aheadM: within(hands.aheadM, limits.leastAheadM, limits.mostAheadM),
  };
}

function within(metres: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, metres));
}
