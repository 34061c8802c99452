import { Button } from 'antd';
import { notes } from '../page/notes';

interface Offer {
  /** Of the row that was written: a second offer for it replaces the first. */
  key: string;
  title: string;
  onUndo: () => void;
}

const SECONDS = 12;

/** Says that something was done, and offers for a while to undo it. */
export function useUndoOffer(): (offer: Offer) => void {
  return ({ key, title, onUndo }) => {
    const undo = () => {
      notes.destroy(key);
      onUndo();
    };
    notes.open({
      key,
      title,
      actions: <Button onClick={undo}>Undo</Button>,
      duration: SECONDS,
      role: 'status',
    });
  };
}
