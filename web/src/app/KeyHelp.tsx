import { Modal, Switch } from 'antd';
import { useState } from 'react';
import { Facts } from '../design/page/Facts';
import { hasSingleKeys, keepSingleKeys } from '../lib/singleKeys';
import { places } from './placeList';

/** What the keyboard can do, shown by `?`. */
export function KeyHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [single, setSingle] = useState(hasSingleKeys);
  return (
    <Modal title="Keys" open={open} onCancel={onClose} footer={null} width={380}>
      <Facts
        facts={[
          ...places.map((place, i) => ({ name: place.name, value: `Alt + ${i + 1}` })),
          { name: 'Find an athlete or their rope', value: '/' },
          { name: 'Pause the clock, go on', value: 'Space' },
          { name: 'These keys', value: '?' },
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
