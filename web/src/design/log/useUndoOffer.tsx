import { App, Button } from 'antd';

interface Offer {
  /** Of the row that was written: a second offer for it replaces the first. */
  key: string;
  title: string;
  onUndo: () => void;
}

const SECONDS = 12;

/** Says that something was done, and offers for a while to undo it. */
export function useUndoOffer(): (offer: Offer) => void {
  const { notification } = App.useApp();
  return ({ key, title, onUndo }) => {
    const undo = () => {
      notification.destroy(key);
      onUndo();
    };
    notification.open({
      key,
      title,
      actions: <Button onClick={undo}>Undo</Button>,
      duration: SECONDS,
      role: 'status',
    });
  };
}
