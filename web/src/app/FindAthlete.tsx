import { Modal, Select, type RefSelectProps } from 'antd';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { useAthletes } from '../api/athletes';

/** Finds an athlete by a part of the name and goes to their page. */
export function FindAthlete({ open, onClose }: { open: boolean; onClose: () => void }) {
  const athletes = useAthletes();
  const navigate = useNavigate();
  const field = useRef<RefSelectProps>(null);
  // A dialog that does not slide in takes the focus for its close button after the field has asked for it.
  const focus = (shown: boolean) => shown && field.current?.focus();
  return (
    <Modal
      title="Find an athlete"
      open={open}
      onCancel={onClose}
      afterOpenChange={focus}
      footer={null}
      width={420}
      destroyOnHidden
    >
      <Select
        ref={field}
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
    </Modal>
  );
}
