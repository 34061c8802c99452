import { Button, Modal, Select } from 'antd';
import { useNavigate } from 'react-router';
import { useAthletes } from '../api/athletes';

/**
 * Finds an athlete by a part of the name and goes to their page. The name stands first, before the way out: a dialog
 * gives the focus to what is first in it, and whoever typed `/` types on at once.
 */
export function FindAthlete({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Modal
      title="Find an athlete"
      open={open}
      onCancel={onClose}
      closable={false}
      footer={<Button onClick={onClose}>Close</Button>}
      width={420}
      destroyOnHidden
    >
      {/* The open list would take Escape for itself first, and the dialog would need it twice. */}
      <div
        onKeyDownCapture={(event) => {
          if (event.key === 'Escape') {
            event.stopPropagation();
            onClose();
          }
        }}
      >
        <Names onClose={onClose} />
      </div>
    </Modal>
  );
}

/** Asked for only while the dialog is open: a list that nobody looks at is not fetched again with every entry. */
function Names({ onClose }: { onClose: () => void }) {
  const athletes = useAthletes();
  const navigate = useNavigate();
  return (
    <Select
      autoFocus
      defaultOpen
      showSearch={{ optionFilterProp: 'label' }}
      aria-label="Name"
      placeholder="a part of the name"
      style={{ width: '100%' }}
      options={(athletes.data ?? []).map((athlete) => ({ value: athlete.id, label: athlete.name }))}
      onChange={(id: string) => {
        onClose();
        void navigate(`/athletes/${id}`);
      }}
    />
  );
}
