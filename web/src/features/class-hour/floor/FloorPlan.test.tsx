import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { HallFloor, Spot } from '../../../api/hallFloor';
import { answerWith, renderPage } from '../../../testing/render';
import { attempt, tonight } from '../../../testing/tonight';
import { FloorPlan } from './FloorPlan';
import { WithoutRoom } from './WithoutRoom';

const [ilse, tomasz] = tonight.athletes;
const spot = (athleteId: string, part: Partial<Spot>): Spot => ({
  athleteId,
  firstName: 'x',
  xM: 2,
  yM: 2,
  radiusM: 1.4,
  ropeGuessed: false,
  put: false,
  crowds: [],
  overTheEdge: false,
  ceilingNeededM: 2.4,
  ceilingFits: true,
  version: 0,
  ...part,
});
const floor: HallFloor = {
  title: { code: 'hall.without', sentence: '1 person has no room to jump in this hall' },
  widthM: 10,
  depthM: 6,
  sizeGuessed: false,
  matWidthM: 8,
  matDepthM: 5,
  ceilingM: 2.5,
  spots: [
    spot(ilse?.id ?? '', { firstName: 'Ilse', crowds: ['Tomasz'], ceilingFits: false }),
    spot(tomasz?.id ?? '', { firstName: 'Tomasz', xM: null, yM: null }),
  ],
  roomFor: 6,
  revision: 1,
};

function shown(onChoose = vi.fn(), answers: Parameters<typeof answerWith>[0] = {}) {
  const sent = answerWith(answers);
  renderPage(
    <FloorPlan
      floor={floor}
      athletes={tonight.athletes}
      entries={[{ ...attempt, state: 'kept' }]}
      unit="cm"
      chosenId={null}
      onChoose={onChoose}
    />,
  );
  return { sent, onChoose };
}

describe('the hall to scale', () => {
  it('draws a circle as large as the rope needs, where somebody stands', () => {
    shown();
    const circle = screen.getByRole('button', { name: /^Ilse/ });
    // By hand: 2 of 10 m from the left, 2 of 6 from the front; 2.8 m across.
    expect(circle).toHaveStyle({ left: '20%', width: '28%' });
    expect(circle.style.top).toMatch(/^33\.3/);
    expect(circle).toHaveTextContent('too near Tomasz');
    expect(circle).toHaveTextContent('ceiling too low');
    expect(circle).toHaveTextContent(`${attempt.sentence}, 2 sets open`);
  });

  it('has who has no room below it, and they can be chosen all the same', async () => {
    answerWith({});
    const onChoose = vi.fn();
    renderPage(
      <WithoutRoom floor={floor} athletes={tonight.athletes} unit="cm" chosenId={null} onChoose={onChoose} />,
    );
    const without = screen.getByRole('region', { name: 'No room' });
    await userEvent.click(within(without).getByRole('button', { name: /^Tomasz/ }));
    expect(onChoose).toHaveBeenCalledWith(tomasz?.id);
    expect(within(without).getAllByRole('button')).toHaveLength(1);
  });

  it('puts somebody by arrow keys, from the version that was seen', async () => {
    const { sent } = shown(vi.fn(), { [`PUT /api/floor/${ilse?.id}`]: floor });
    screen.getByRole('button', { name: /^Ilse/ }).focus();
    await userEvent.keyboard('{ArrowRight}{ArrowRight}{ArrowDown}');
    await waitFor(() => expect(sent).toHaveLength(1), { timeout: 2000 });
    expect(sent[0]).toMatchObject({ body: { xM: 2.5, yM: 2.25 }, headers: { 'If-Match': '"0"' } });
  });

  it('drags somebody and chooses nobody by it', async () => {
    const { sent, onChoose } = shown(vi.fn(), { [`PUT /api/floor/${ilse?.id}`]: floor });
    vi.spyOn(Element.prototype, 'clientWidth', 'get').mockReturnValue(1000);
    const circle = screen.getByRole('button', { name: /^Ilse/ });
    screen.getByRole('group', { name: /^Hall/ }).setPointerCapture = () => undefined;
    fireEvent.pointerDown(circle, { clientX: 100, clientY: 100 });
    fireEvent.pointerMove(circle, { clientX: 200, clientY: 50 });
    fireEvent.pointerUp(circle);
    fireEvent.click(circle);
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]?.body).toEqual({ xM: 3, yM: 1.5 });
    expect(onChoose).not.toHaveBeenCalled();
  });
});
