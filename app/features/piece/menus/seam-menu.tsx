import { Dialog } from 'react-aria-components';
import { styled } from 'styled-components';
import { Decision, type ParagraphMark, type SeamView, type Step } from '../../../../core/index.ts';
import { Option, Options, Panel } from '../../../ui/menu-panel.tsx';
import { markWords } from '../words/mark-words.ts';
import { DropMark, ProofMark } from '../reading/proof-mark.tsx';
import { DECISION_WORDS, reasonWords, sentenceOf, SPLIT_WORDS } from '../words/seam-words.ts';
import { certaintyWords } from '../words/certainty-words.ts';

export interface SeamAsked {
  readonly seam: SeamView;
  readonly anchor: Element;
}

interface SeamMenuProps {
  readonly asked: SeamAsked | undefined;
  readonly onClose: () => void;
  readonly take: (step: Step) => void;
}

const ORDER: readonly Decision[] = [Decision.join, Decision.mend, Decision.break, Decision.keep];

/**
 * The menu itself gives the focus to its first item a moment later; keys that are pressed until then would go to the line end, and move
 * on from it.
 */
function focusAtOnce(item: Element | null): void {
  if (item instanceof HTMLElement) item.focus();
}

/** The small menu at a line end: what was decided and why, and what else it could be. */
export function SeamMenu({ asked, onClose, take }: SeamMenuProps) {
  if (!asked) return null;
  const { seam, anchor } = asked;
  const choice = { kind: 'seam', from: seam.from, to: seam.to, decision: seam.decision } as const;
  const decide = (decision: Decision) => {
    if (decision !== seam.decision || !seam.settled) take({ kind: 'choose', choice: { ...choice, decision } });
    onClose();
  };
  const markBy = (mark: ParagraphMark) => {
    take({ kind: 'choose', choice: { kind: 'mark', from: seam.from, to: seam.to, mark } });
    onClose();
  };
  const withdraw = () => {
    take({ kind: 'withdraw', choice });
    onClose();
  };
  return (
    <Panel
      style={{ width: 320 }}
      triggerRef={{ current: anchor }}
      isOpen
      onOpenChange={(open) => !open && onClose()}
      placement="right top"
    >
      <Dialog aria-label={`Line ends ${seam.lines[0]} and ${seam.lines[1]}`}>
        <Why seam={seam} />
        <Options aria-label="Decide this line end" autoFocus="first" onClose={onClose}>
          {ORDER.filter((decision) => decision !== Decision.mend || seam.canMend).map((decision, at) => (
            <Choice
              key={decision}
              ref={at === 0 ? focusAtOnce : undefined}
              id={decision}
              textValue={DECISION_WORDS[decision].todo}
              data-current={decision === seam.decision || undefined}
              onAction={() => decide(decision)}
            >
              <ProofMark decision={decision} />
              <span>{DECISION_WORDS[decision].todo}</span>
              <small>{decision === seam.decision ? 'current' : DECISION_WORDS[decision].help}</small>
            </Choice>
          ))}
          {seam.words.map((words, at) => (
            <Choice
              key={at}
              id={`drop-${at}`}
              textValue={`Leave out line ${seam.lines[at]}`}
              onAction={() => {
                take({ kind: 'choose', choice: { kind: 'drop', from: words.from, to: words.to } });
                onClose();
              }}
            >
              <DropMark />
              <span>Leave out line {seam.lines[at]}</span>
              <small>{at === 0 ? 'the line above' : 'the line below'}</small>
            </Choice>
          ))}
          {seam.settled && (
            <Choice id="withdraw" onAction={withdraw}>
              <i />
              <span>Decide automatically</span>
              <small>undo your decision</small>
            </Choice>
          )}
          {seam.gap && (
            <WideOption id="mark" onAction={() => markBy(seam.gap!)}>
              <span>Gaps like this mark paragraphs</span>
              <small>{markWords(seam.gap)}, in the whole text</small>
            </WideOption>
          )}
          {seam.gap && seam.decision === Decision.break && (
            <WideOption id="no-mark" onAction={() => markBy({ by: 'nothing' })}>
              <span>Gaps do not mark paragraphs</span>
              <small>use words and line lengths</small>
            </WideOption>
          )}
        </Options>
      </Dialog>
    </Panel>
  );
}

function Why({ seam }: { readonly seam: SeamView }) {
  const reasons = reasonWords(seam.reasons, seam.decision);
  const split = seam.split && seam.decision === Decision.mend ? [SPLIT_WORDS[seam.split]] : [];
  const speaksFor = [...split, ...reasons.for];
  return (
    <Head>
      <b>
        Lines {seam.lines[0]} and {seam.lines[1]}: {DECISION_WORDS[seam.decision].done}
      </b>
      {seam.settled ? (
        <p>Your decision.</p>
      ) : (
        <>
          <p>{sentenceOf(speaksFor[0], seam.decision)}</p>
          {speaksFor.length > 1 && <p>Also: {speaksFor.slice(1, 3).join('; ')}.</p>}
          {reasons.against.length > 0 && <p>Against: {reasons.against.slice(0, 2).join('; ')}.</p>}
          <p>
            {certaintyWords(seam.certainty)}
            {seam.doubt ? ', so you are asked' : ''}.
          </p>
        </>
      )}
    </Head>
  );
}

const Head = styled.div`
  padding: 12px 14px 9px;
  border-bottom: 1px solid var(--line);
  p {
    color: var(--soft);
    font-size: 13px;
    margin-top: 2px;
  }
`;

const Choice = styled(Option)`
  display: grid;
  grid-template-columns: 24px auto 1fr;
  align-items: center;
  gap: 8px;
  svg {
    color: var(--ribbon);
  }
  small {
    text-align: right;
    color: var(--soft);
    font-size: 12px;
  }
  &[data-current] {
    font-weight: 600;
  }
`;

/** About the whole text, not about this line end. */
const WideOption = styled(Choice)`
  grid-template-columns: 1fr;
  gap: 0;
  padding-left: 40px;
  small {
    text-align: left;
  }
  &[data-key='mark'] {
    border-top: 1px solid var(--line);
    border-top-left-radius: 0;
    border-top-right-radius: 0;
  }
`;
