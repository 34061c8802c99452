import { useState } from 'react';
import { useImport, useSendImport } from '../../api/exchange';
import { useMe } from '../../api/session';
import { SentShare } from '../../design/form/SentShare';
import { Failed } from '../../design/page/StateNote';
import { GymNav } from '../../design/frame/GymNav';
import { Workbench } from '../../design/page/Workbench';
import { newId } from '../../lib/ids';
import { ChooseFile } from './parts/ChooseFile';
import { ExportList } from './parts/ExportList';
import { ImportState, titleOf } from './parts/ImportState';

/** Survives a reload of this tab, as the import does on the server. */
const KEPT = 'zumbo-import';

/** What a gym keeps goes out and comes in as files, looked at before anything is written. */
export function ExchangePage() {
  const role = useMe().data?.coach?.role;
  const [id, setId] = useState(() => sessionStorage.getItem(KEPT));
  const send = useSendImport();
  const shown = useImport(id);
  const keep = (next: string | null) => {
    setId(next);
    if (next === null) {
      sessionStorage.removeItem(KEPT);
    } else {
      sessionStorage.setItem(KEPT, next);
    }
  };
  const bring = (file: File) => {
    const next = newId();
    keep(null);
    send.mutate({ id: next, file }, { onSuccess: () => keep(next) });
  };
  return (
    <Workbench
      title={shown.data === undefined ? 'Export or import the gym’s data' : titleOf(shown.data)}
      nav={<GymNav />}
      decisionFirst
      decision={role !== 'helper' && <ExportList />}
    >
      {role === 'helper' && <p>Only coaches can export: the files hold health notes.</p>}
      {role === 'coach' && <p>Only an owner can import: a file changes the whole gym at once.</p>}
      {role === 'owner' && (
        <>
          {shown.data !== undefined && <ImportState one={shown.data} />}
          {shown.isError && <Failed error={shown.error} onRetry={() => void shown.refetch()} />}
          {send.isError && <p role="alert">{send.error.message}</p>}
          <SentShare share={send.share} />
          <ChooseFile pending={send.isPending} again={shown.data !== undefined} onFile={bring} />
        </>
      )}
    </Workbench>
  );
}
