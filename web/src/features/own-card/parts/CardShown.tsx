import { Button, QRCode } from 'antd';
import { useState } from 'react';
import { Card } from '../../../design/page/Card';
import { colours } from '../../../design/tokens';
import { CARD_PATH } from '../../../lib/cardOnPhone';
import { linkOf, type WayIn } from '../../../lib/wayIn';
import styles from '../card.module.css';

interface Props {
  link: WayIn;
  name: string;
  onDone: () => void;
}

/** The link that was just made, as text and as a code to photograph or print: it is known here and now only. */
export function CardShown({ link, name, onDone }: Props) {
  const address = linkOf(window.location.origin, link, CARD_PATH);
  const [copied, setCopied] = useState(false);
  return (
    <Card strong label="The link">
      <div className={styles.stack}>
        <h2>For {name}’s phone</h2>
        <p>
          Let them photograph it, print it, or send it to them alone. It is not shown again: make another
          instead.
        </p>
        <div className={styles.qr}>
          <QRCode type="svg" value={address} size={240} bordered={false} color={colours.ink} />
        </div>
        <code className={styles.address}>{address}</code>
        <div className={`no-print ${styles.acts ?? ''}`}>
          <Button
            size="large"
            onClick={() => void navigator.clipboard.writeText(address).then(() => setCopied(true))}
          >
            {copied ? 'Copied' : 'Copy the link'}
          </Button>
          <Button size="large" onClick={() => window.print()}>
            Print
          </Button>
          <Button size="large" onClick={onDone}>
            Done
          </Button>
        </div>
      </div>
    </Card>
  );
}
