import { Button } from 'antd';
import { useState } from 'react';
import type { OwnCard, Place, useCardWrites } from '../../../api/ownCard';
import { PainPad } from '../../../design/health/PainPad';
import { Card } from '../../../design/page/Card';

type OnPain = ReturnType<typeof useCardWrites>['pain'];

/** It hurts: two touches, and jumping is off. */
export function CardPain({ card, onPain }: { card: OwnCard; onPain: OnPain }) {
  const [open, setOpen] = useState(false);
  const nameOf = (code: string) =>
    [...card.places, ...card.signs].find((one) => one.code === code)?.name ?? code;
  if (!open) {
    return (
      <p>
        <Button size="large" danger block onClick={() => setOpen(true)}>
          It hurts
        </Button>
      </p>
    );
  }
  return (
    <Card label="It hurts">
      <PainPad
        places={card.places}
        signs={card.signs}
        onPain={(place, degree) => {
          onPain(
            { caution: 'pain', place: place as Place, degree },
            `${nameOf(place)}, ${String(degree)} of 10`,
          );
          setOpen(false);
        }}
        onSign={(caution) => {
          onPain({ caution: caution as Parameters<OnPain>[0]['caution'] }, nameOf(caution));
          setOpen(false);
        }}
      />
      <Button size="large" type="text" onClick={() => setOpen(false)}>
        It does not
      </Button>
    </Card>
  );
}
