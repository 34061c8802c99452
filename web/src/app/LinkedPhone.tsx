import { lazy, Suspense } from 'react';
import { Loading } from '../design/page/StateNote';
import { CARD_PATH } from '../lib/cardOnPhone';

/** Where the link of a class leads. */
const CLASS_LINK = '/class-link';

const Dressed = lazy(() => import('../design/page/Dressed').then((door) => ({ default: door.Dressed })));
const ClassLinkPage = lazy(() =>
  import('../features/class-hour')
    .then((door) => door.linkDoor())
    .then((door) => ({ default: door.ClassLinkPage })),
);
const CardPage = lazy(() =>
  import('../features/own-card').then((door) => door.cardDoor()).then((door) => ({ default: door.CardPage })),
);

export function isLinked(pathname: string): boolean {
  return pathname === CLASS_LINK || pathname === CARD_PATH;
}

/** An athlete's phone, by a link: nobody signs in, and it goes on without network. */
export function LinkedPhone({ pathname }: { pathname: string }) {
  return pathname === CARD_PATH ? (
    <Suspense fallback={<Loading what="your card" />}>
      <Dressed>
        <CardPage />
      </Dressed>
    </Suspense>
  ) : (
    <Suspense fallback={<Loading what="the class" />}>
      <ClassLinkPage />
    </Suspense>
  );
}
