import { Modal } from 'antd';
import { Facts } from '../design/Facts';
import { places } from './placeList';

/** What the keyboard can do, shown by `?`. */
export function KeyHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Modal title="Keys" open={open} onCancel={onClose} footer={null} width={380}>
      <Facts
        facts={[
          ...places.map((place, i) => ({ name: place.name, value: `Alt + ${i + 1}` })),
          { name: 'Find an athlete or their rope', value: '/' },
          { name: 'These keys', value: '?' },
        ]}
      />
    </Modal>
  );
}
