export { clean, revise, type Stage } from './cleaning/clean.ts';
export type { FailedPass } from './lines/pass-fault.ts';
export type { Cleaning } from './cleaning/cleaning.ts';
export { allPieces, cleanText, textByPieces } from './cleaning/output.ts';
export type { Choice } from './choices/choice.ts';
export { BY_HAND } from './edits/piece.ts';
export {
  applyHistoryChange,
  type StyleStep,
  applyToStyle,
  applyStep,
  canRedo,
  canUndo,
  historyChange,
  moveTo,
  NO_HISTORY,
  oneStep,
  outcomeOf,
  readingsOf,
  redo,
  undo,
  type History,
  type HistoryChange,
  type Outcome,
  type TextReading,
  type Step,
} from './history/history.ts';
export type { WordTally } from './edits/conservation.ts';
export { textOfPieces } from './edits/piece.ts';
export { findPass, FINDING_PASSES, PASS_GROUPS, passOfReason, PASSES, type PassId } from './passes/index.ts';
export type { Pass } from './passes/pass.ts';
export {
  listDoubts,
  stepForAnswer,
  viewDoubts,
  type Answer,
  type Doubt,
  type DoubtView,
  type KnownDoubts,
} from './doubts/doubts.ts';
export { countGuesses, weighParagraphings, type Paragraphing } from './doubts/unmarked.ts';

export { findDifferences, type Difference, type Differences } from './report/differences.ts';
export { shareOfLeavingLines } from './report/leaving-lines.ts';
export { linesOfStep } from './report/step-lines.ts';
export { stepForStet, viewEdit, type EditView } from './portion/edit-at.ts';
export type { Portion } from './portion/in-portion.ts';
export { stepForPortion, viewPortion, type PortionAction, type PortionView } from './portion/portion.ts';
export { leavesOut } from './portion/leave-out.ts';
export { breakAt, NEW_LINE, NEW_PARAGRAPH } from './rows/new-paragraph.ts';
export { editRow, type Caret, type RowEdit, type RowEdited } from './rows/edit-row.ts';
export { textBetween, type Spot } from './rows/row-text.ts';
export { toCleanPosition, toSourcePosition, toSourceRanges, type RangeList, type Side } from './edits/positions.ts';
export { findFindings, type Findings } from './findings/findings.ts';
export type { CharacterFinding } from './findings/characters-found.ts';
export type { LengthBar, LineProfile } from './findings/line-profile.ts';
export type { PartFinding } from './findings/parts-found.ts';
export type { MarkFinding } from './findings/paragraph-marks.ts';
export type { Place } from './edits/place.ts';
export { stepForRepeated } from './findings/repeated-lines.ts';
export { otherDecision, type SplitFinding } from './findings/splits-found.ts';
export type { CharacterClass } from './text/unusual-characters.ts';
export { exportLedger, type LedgerFormat } from './ledger/ledger-export.ts';
export { filterLedger, openLedger, type Ledger, type LedgerFilter } from './ledger/ledger.ts';
export { viewEntry, type LedgerLine } from './ledger/ledger-line.ts';
export { stepFor, type LedgerAction } from './ledger/ledger-steps.ts';
export { isRuleId, type OwnRule, type RuleId } from './rules/own-rule.ts';
export { columnsInOrder, findSideBySide, someLines } from './columns/side-by-side.ts';
export { DIALECTS, type Dialect } from './shapes/expression.ts';
export { kindsOfForm, WORDS_ALONE } from './shapes/group-lines.ts';
export { learnPatterns, type Learned, type Reading } from './shapes/learn.ts';
export {
  isShapeId,
  partCount,
  type EntryMark,
  type LineShape,
  type Part,
  type ShapeId,
  type Typed,
  type WrittenAs,
} from './shapes/line-shape.ts';
export { entryOfForm } from './shapes/entries.ts';
export { shapedText } from './shapes/apply-shapes.ts';
export type { TextLines } from './text/text-lines.ts';
export { lineTokens } from './shapes/tokens.ts';
export {
  firstDifference,
  misfitLines,
  previewShape,
  viewGroups,
  writtenLines,
  type GroupView,
  type Misfit,
  type ShapeDifference,
  type ShapedRow,
  type ShapePreview,
} from './shapes/preview-shape.ts';
export { writeCsv } from './text/csv.ts';
export { toLineShape } from './shapes/read-shape.ts';
export type { SignId } from './shapes/signs.ts';
export { expressionsOf } from './shapes/take-along.ts';
export { applyShapeRemoval, newShapeId } from './style/shapes.ts';
export type { NamedWords } from './style/named-words.ts';
export { BUILT_IN_STYLES, USUAL_STYLE } from './house-styles/built-in.ts';
export { differencesOf, type StyleDifference } from './house-styles/differences.ts';
export { isHouseStyle, toHouseStyleFile, type HouseStyle, type StyleFor } from './house-styles/house-style.ts';
export { proposeStyle, type ProposedBy } from './house-styles/propose.ts';
export { styleInForce, type StyleInForce } from './house-styles/style-in-force.ts';
export { readHouseStyle, type StyleProblem } from './house-styles/read-house-style.ts';
export { type ConcordanceLine } from './search/find-hits.ts';
export { HIDDEN_SIGNS, readHidden, showHidden } from './search/hidden-signs.ts';
export { carryOver, guessDialects, type Carried, type ForeignDialect, type Lost } from './rules/carry-over.ts';
export { compileQuery, type Query } from './rules/query.ts';
export { passesInOrder } from './style/order.ts';
export { applyRule, applyRuleRemoval, newRuleId } from './style/rules.ts';
export { digested, type Digested } from './report/digest.ts';

export { toLineDiff } from './report/line-diff.ts';
export { USUAL_PLAN, type JobPlan } from './jobs/job.ts';
export { cleanJsonLine } from './jobs/json-lines.ts';
export { reportOf, REPORT_DETAILS, type FullReport } from './jobs/job-report.ts';
export { readPlan } from './jobs/read-plan.ts';
export {
  questionsOf,
  settleDoubts,
  type Question,
  type ReadingOf,
  type StandingAnswer,
} from './jobs/standing-answers.ts';
export { runJob, writeJob, type FindWords, type Job } from './jobs/run-job.ts';
export { PART_KINDS, type PartKind } from './lines/part.ts';
export { linesWrap } from './seams/decide.ts';
export { type SeamReason } from './seams/explain.ts';
export { type ParagraphMark } from './seams/paragraph-mark.ts';
export { Decision } from './seams/seam-table.ts';
export type { SplitEvidence } from './seams/words/split-words.ts';
export {
  applyPassSwitch,
  applySetting,
  DEFAULT_STYLE,
  isAsUsual,
  isPassOn,
  settingsOf,
  type Apart,
  type Style,
} from './style/style.ts';
export { cutTo, shortened } from './text/shortened.ts';
export { detectLanguage, type Language } from './text/language.ts';
export { findLanguage, hasWordList } from './text/languages/index.ts';
export type { WordList } from './text/word-list.ts';
export {
  UnreadableError,
  type Document,
  type OpenPdf,
  type PlacedPage,
  type PlacedWord,
  type ReadProblem,
} from './formats/document.ts';
export type { Layout } from './layout/layout.ts';
export { readLayout, storeLayout, type StoredLayout } from './layout/stored-layout.ts';
export { readRecord, type RecordProblem } from './record/read-record.ts';
export { toRecord } from './record/write-record.ts';
export { isEncoding } from './formats/decode.ts';
export { FORMATS, readDocument, type DocumentRead, type FormatId } from './formats/registry.ts';
export { openOutput } from './output/open-output.ts';
export { OUTPUTS, writeOutput, type OutputId, type Written } from './output/registry.ts';
export { toShape, USUAL_SHAPE, type OutputShape } from './output/shape.ts';
export { toHtml } from './output/to-html.ts';
export { countOffPasses } from './report/off-pass-counts.ts';
export { kindOfSource, SOURCE_KINDS, suggestTitle, type SourceKind } from './report/summary.ts';
export { readBlocks, type ReadBlock } from './output/read-blocks.ts';
export { applyRowPatch, reviseRows, type RowPatch } from './rows/row-patch.ts';
export { emptyPlan, planRows, rowAt, type RowPlan } from './rows/row-plan.ts';
export { viewRow, type LineView, type RowView, type SeamView } from './rows/row-view.ts';
export type { Run } from './rows/run.ts';
export { RowKind } from './rows/row-kind.ts';
