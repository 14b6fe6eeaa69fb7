import { useEffect, useState } from 'react';
import { Dialog } from 'react-aria-components';
import { styled } from 'styled-components';
import { BY_HAND, findPass, shortened, type EditView, type Place, type Style } from '../../../../core/index.ts';
import type { CleanClient } from '../../../../worker/client.ts';
import { Option, Options, Panel } from '../../../ui/menu-panel.tsx';
import { keyWords } from '../ledger/concordance-words.ts';
import { passTitle } from '../words/rule-words.ts';
import type { Decisions } from '../state/use-decisions.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';
import { certaintyWords } from '../words/certainty-words.ts';

/** A changed place that a person asks about, and where on the screen it stands. */
export interface EditAsked {
  readonly place: Place;
  readonly anchor: Element;
}

interface EditPopupProps {
  readonly asked: EditAsked | undefined;
  readonly onClose: () => void;
  readonly client: CleanClient;
  readonly decisions: Decisions;
}

/** Tells what an edit was, what it became, by which pass and why; and lets it stand, alone or with all alike. */
export function EditPopup({ asked, onClose, client, decisions }: EditPopupProps) {
  const [known, setKnown] = useState<{ readonly asked: EditAsked; readonly view: EditView | undefined }>();
  useEffect(() => {
    if (!asked) return undefined;
    let isCurrent = true;
    client.editAt(asked.place).then((view) => isCurrent && setKnown({ asked, view }), ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [asked, client]);
  const view = known?.asked === asked ? known?.view : undefined;
  if (!asked || !view) return null;
  const stet = (alike: boolean) => {
    onClose();
    client.stetAt(asked.place, alike).then((step) => step && decisions.take(step), ignoreClosedWorker);
  };
  const isOwn = view.passes.includes(BY_HAND);
  return (
    <Panel
      triggerRef={{ current: asked.anchor }}
      isOpen
      style={{ width: 320 }}
      onOpenChange={(open) => !open && onClose()}
      placement="bottom start"
    >
      <Dialog aria-label="What was changed here">
        <Told view={view} style={decisions.style} />
        <Options aria-label="Decide this change" autoFocus="first" onClose={onClose}>
          <Option id="one" onAction={() => stet(false)}>
            {isOwn ? 'Undo this change' : 'Keep the original (stet)'}
          </Option>
          {view.alike > 1 && !isOwn && (
            <Option id="alike" onAction={() => stet(true)}>
              Keep the original in all {view.alike.toLocaleString('en')} alike
            </Option>
          )}
        </Options>
      </Dialog>
    </Panel>
  );
}

const LONGEST = 120;

function Told({ view, style }: { readonly view: EditView; readonly style: Style }) {
  const pass = findPass(view.passes.at(-1) ?? '');
  const reason = view.why ? pass?.reasons?.[view.why] : undefined;
  const percent = view.certainty === undefined ? '' : `${certaintyWords(view.certainty)}.`;
  return (
    <Head>
      <Words>
        <del>{shortened(keyWords(view.source), LONGEST)}</del>{' '}
        {view.becomes === '' ? 'was removed' : <ins>{shortened(keyWords(view.becomes), LONGEST)}</ins>}
      </Words>
      <p>
        <b>{view.passes.map((id) => passTitle(id, style)).join(', ')}</b>
        {pass && `: ${pass.summary}`}
      </p>
      {reason && <p>But {reason}.</p>}
      {percent && <p>{percent}</p>}
    </Head>
  );
}

const Head = styled.div`
  display: grid;
  gap: 4px;
  padding: 11px 14px 9px;
  border-bottom: 1px solid var(--line);
  font-size: 13px;
  p {
    color: var(--soft);
  }
  p b {
    color: var(--ink);
  }
`;

const Words = styled.div`
  font-size: 14px;
  overflow-wrap: anywhere;
  del {
    color: var(--gone);
  }
  ins {
    margin-left: 6px;
    text-decoration: none;
    font-weight: 600;
  }
`;
