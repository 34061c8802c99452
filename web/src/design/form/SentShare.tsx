import { Progress } from 'antd';

/** How much of a file has left this device. Nothing is shown before the first part has, so that small files do not flash. */
export function SentShare({ share }: { share: number | null }) {
  if (share === null || share === 0) {
    return null;
  }
  const percent = Math.floor(100 * share);
  return (
    <div role="status">
      {percent < 100 ? `Sent ${percent} %` : 'Sent; waiting for the answer'}
      <Progress percent={percent} showInfo={false} aria-label="Share sent" />
    </div>
  );
}
