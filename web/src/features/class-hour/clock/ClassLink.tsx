import { Button, QRCode } from 'antd';
import { useState } from 'react';
import { colours } from '../../../design/tokens';
import styles from './ClockBoard.module.css';

/** The link for athletes' phones: first names and the clock, until the class ends. */
export function ClassLink({ link }: { link: string }) {
  const [shown, show] = useState(false);
  const address = `${location.origin}/class-link#${link}`;
  if (!shown) {
    return (
      <Button size="large" block onClick={() => show(true)}>
        Link for athletes’ phones
      </Button>
    );
  }
  return (
    <div>
      <div className={styles.qr}>
        <QRCode type="svg" value={address} size={220} bordered={false} color={colours.ink} />
      </div>
      <p>
        <a href={address}>Shows first names and the clock to whoever has it, and dies with the class.</a>
      </p>
    </div>
  );
}
