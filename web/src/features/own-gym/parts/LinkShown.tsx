import { Button, QRCode } from 'antd';
import { useState } from 'react';
import { Card } from '../../../design/page/Card';
import { colours } from '../../../design/tokens';
import { linkOf, type WayIn } from '../../../lib/wayIn';
import styles from '../OwnGym.module.css';

/** A link that was just made: it is known here and now only. */
export interface Shown {
  link: WayIn;
  kind: 'invitation' | 'reset';
  whom: string;
}

/** The link as text and as a code to be photographed. */
export function LinkShown({ shown, onDone }: { shown: Shown; onDone: () => void }) {
  const address = linkOf(window.location.origin, shown.link);
  const [copied, setCopied] = useState(false);
  const copy = () => void navigator.clipboard.writeText(address).then(() => setCopied(true));
  return (
    <Card strong label="The link">
      <div className={styles.link}>
        <h2>
          {shown.kind === 'invitation' ? 'Invitation for' : 'New password for'} {shown.whom}
        </h2>
        <p>
          Send it to them, or let them photograph it. It is good once, for{' '}
          {shown.kind === 'invitation' ? 'seven days' : 'one day'}, and is not shown again.
        </p>
        <QRCode type="svg" value={address} size={240} bordered={false} color={colours.ink} />
        <code className={styles.address}>{address}</code>
        <div className={styles.acts}>
          <Button size="large" onClick={copy}>
            {copied ? 'Copied' : 'Copy the link'}
          </Button>
          <Button size="large" onClick={onDone}>
            Done
          </Button>
        </div>
      </div>
    </Card>
  );
}
