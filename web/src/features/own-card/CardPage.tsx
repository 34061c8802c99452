import { Button, Input } from 'antd';
import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { OutboxProvider } from '../../api/OutboxProvider';
import { Doorstep } from '../../design/frame/Doorstep';
import { FieldStack } from '../../design/form/FieldStack';
import { CARD_PATH, cardLink } from '../../lib/cardOnPhone';
import { OpenedCard } from './parts/OpenedCard';

/** An athlete's own card, by a private link: no account, one athlete, also without network. */
export function CardPage() {
  const { hash } = useLocation();
  useInstallable();
  const link = cardLink(hash);
  return link === null ? (
    <NoLink />
  ) : (
    <OutboxProvider key={link.id} userId={`card-${link.id}`}>
      <OpenedCard link={link} />
    </OutboxProvider>
  );
}

/** Put on the home screen it opens the card, not the coach's places. */
function useInstallable() {
  useEffect(() => {
    const manifest = document.querySelector<HTMLLinkElement>('link[rel="manifest"]');
    const before = manifest?.getAttribute('href') ?? '';
    manifest?.setAttribute('href', '/card.webmanifest');
    return () => manifest?.setAttribute('href', before);
  }, []);
}

function NoLink() {
  const [pasted, setPasted] = useState('');
  const navigate = useNavigate();
  const hash = pasted.includes('#') ? pasted.slice(pasted.indexOf('#')).trim() : '';
  return (
    <Doorstep
      title="Your own card"
      promise="Open the link that your coach gave you, or photograph its code again. An app on the home screen may ask for it once."
    >
      <FieldStack>
        <label>
          The whole link
          <Input size="large" value={pasted} onChange={(event) => setPasted(event.target.value)} />
        </label>
        <Button
          size="large"
          type="primary"
          disabled={hash === ''}
          onClick={() => void navigate(`${CARD_PATH}${hash}`)}
        >
          Open my card
        </Button>
        {pasted !== '' && hash === '' && <p role="alert">The link was not copied whole: it has a # in it.</p>}
      </FieldStack>
    </Doorstep>
  );
}
