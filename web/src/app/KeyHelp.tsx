import { Modal, Switch } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { Facts } from '../design/page/Facts';
import { hasSingleKeys, keepSingleKeys } from '../lib/singleKeys';
import { places } from './placeList';

const HelpHere = lazy(() => import('../features/own-gym').then((door) => ({ default: door.HelpHere })));

/** What the place one is at is for, and what the keyboard can do; shown by `?`. */
export function KeyHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [single, setSingle] = useState(hasSingleKeys);
  return (
    <Modal title="Help" open={open} onCancel={onClose} footer={null} width={560}>
      <Suspense fallback={null}>{open && <HelpHere onLeave={onClose} />}</Suspense>
      <h2>Keys</h2>
      <Facts
        facts={[
          ...places.map((place, i) => ({ name: place.name, value: `Alt + ${i + 1}` })),
          { name: 'Find an athlete or their rope', value: '/' },
          { name: 'Pause the clock, go on', value: 'Space' },
          { name: 'This help', value: '?' },
        ]}
      />
      <p>
        <Switch
          aria-label="Keys of one letter"
          checked={single}
          onChange={(on) => {
            keepSingleKeys(on);
            setSingle(on);
          }}
        />{' '}
        {single ? 'Keys of one letter (/ and ?) are on' : 'Keys of one letter (/ and ?) are off'}
      </p>
    </Modal>
  );
}
