export { clean, revise, type Stage } from './clean.ts';
export type { Cleaning } from './cleaning.ts';
export { allPieces, cleanText, undoneText } from './output.ts';
export { canMend, rangeOfSeam } from './seams-in-force.ts';
export type { Block, BlockKind } from './blocks/block.ts';
export type {
  Choice,
  DropChoice,
  HoldChoice,
  LimitChoice,
  MarkChoice,
  MeasureChoice,
  RewriteChoice,
  SeamChoice,
  StetChoice,
} from './choices/choice.ts';
export { BY_HAND, subjectOf } from './choices/choice.ts';
export {
  applyStep,
  canRedo,
  canUndo,
  moveTo,
  NO_HISTORY,
  oneStep,
  outcomeOf,
  redo,
  undo,
  type History,
  type Outcome,
  type Step,
} from './choices/history.ts';
export type { WordChange, WordTally } from './edits/conservation.ts';
export { pieceText, textOfPieces, type Piece } from './edits/piece.ts';
export { isDropped, isKept, LineKind } from './lines/line-kind.ts';
export {
  findPass,
  FINDING_PASSES,
  PASS_GROUPS,
  passOfLine,
  passOfReason,
  PASSES,
  type PassId,
} from './passes/index.ts';
export type { Pass, PassGroup, PassSetting, Settings } from './passes/pass.ts';
export {
  listDoubts,
  stepForAnswer,
  viewDoubt,
  type Answer,
  type Doubt,
  type DoubtView,
  type Likenesses,
} from './doubts/doubts.ts';
export { findDoubtedLines } from './doubts/line-doubts.ts';
export { findDifferences, type Difference, type Differences } from './report/differences.ts';
export { linesOfStep } from './report/step-lines.ts';
export { stepForStet, viewEdit, type EditView } from './portion/edit-at.ts';
export { stepForPortion, viewPortion, type Portion, type PortionAction, type PortionView } from './portion/portion.ts';
export { editRow, type Caret, type RowEdit, type RowEdited } from './rows/edit-row.ts';
export { textBetween, type Spot } from './rows/row-text.ts';
export { toSourceRanges, type RangeList } from './edits/clean-to-source.ts';
export { findFindings, type Findings } from './findings/findings.ts';
export type { CharacterFinding } from './findings/characters-found.ts';
export type { LengthBar, LineProfile } from './findings/line-profile.ts';
export type { MarkerFinding } from './findings/markers-found.ts';
export type { MarkFinding } from './findings/paragraph-marks.ts';
export type { Place } from './findings/places.ts';
export { stepForRepeated, type RepeatedLine } from './findings/repeated-lines.ts';
export type { SpeakerFinding } from './findings/speakers-found.ts';
export { otherDecision, type SplitFinding } from './findings/splits-found.ts';
export type { CharacterClass } from './text/unusual-characters.ts';
export { exportLedger, type LedgerFormat } from './formats/ledger-export.ts';
export { filterLedger, openLedger, type Ledger, type LedgerFilter } from './ledger/ledger.ts';
export { viewEntry, type LedgerLine } from './ledger/ledger-line.ts';
export { stepFor, type LedgerAction } from './ledger/ledger-steps.ts';
export { isRuleId, type OwnRule, type RuleId } from './rules/own-rule.ts';
export { concordanceLine, findHits, type ConcordanceLine, type Hits } from './search/find-hits.ts';
export { HIDDEN_SIGNS, readHidden, showHidden } from './search/hidden-signs.ts';
export { compileQuery, expandReplacement, type Query } from './search/query.ts';
export { passesInOrder } from './style/order.ts';
export { newRuleId } from './style/rules.ts';
export { countEdits, findDoubts, findEditDoubts, listWordChanges, toReport, type Report } from './report/report.ts';
export { explainSeam, linesWrap, type SeamReason } from './seams/decide.ts';
export type { EvidenceName } from './seams/evidence.ts';
export { markAt, type ParagraphMark } from './seams/paragraph-mark.ts';
export { Decision } from './seams/seam-table.ts';
export type { SplitEvidence } from './seams/split-words.ts';
export {
  applyPassSwitch,
  applySetting,
  DEFAULT_STYLE,
  isAsUsual,
  isPassOn,
  settingsOf,
  toStyle,
  type Apart,
  type Style,
} from './style/style.ts';
export { detectLanguage, type Language } from './text/language.ts';
export type { WordList } from './text/word-list.ts';
export { countWords } from './text/words.ts';
export { decodeText, type Decoded } from './formats/decode.ts';
export { toHtml } from './formats/html.ts';
export { countWouldDo } from './report/would-do.ts';
export { kindOfSource, suggestTitle, type SourceKind } from './report/summary.ts';
export { readBlocks, type ReadBlock } from './rows/read-blocks.ts';
export { planRows, rowAt, rowOfSeam, RowKind, type RowPlan } from './rows/row-plan.ts';
export { viewRow, type LineView, type RowView, type Run, type SeamView } from './rows/row-view.ts';
