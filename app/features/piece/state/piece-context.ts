import { useOutletContext } from 'react-router';
import type { OutputShape, OwnRule, Place, TextReading } from '../../../../core/index.ts';
import type { Origin, StyleRecord } from '../../../../storage/db.ts';
import type { Offer } from '../../../../storage/notes.ts';
import type { Ready } from './use-cleaning.ts';
import type { LostWork } from './lost-work.ts';
import type { PlaceKeeper } from './place-keeper.ts';
import type { UnderWay } from './under-way.ts';
import type { Decisions } from './use-decisions.ts';

/** Some places of the source, shown one after another. */
export interface Tour {
  readonly title: string;
  readonly places: readonly Place[];
  readonly at: number;
}

/** What the screens of one piece share. */
export interface PieceView {
  readonly id: string;
  readonly title: string;
  /** The text in the reading in force. */
  readonly source: string;
  readonly sourceAsItCame: string;
  /** How the clean text goes out. */
  readonly shape: OutputShape;
  setShape(shape: OutputShape): void;
  /** The person's own styles, by name. */
  readonly styles: readonly StyleRecord[];
  /** Stores a style of the person, new or changed. */
  keepStyle(style: StyleRecord): void;
  /** Whether something is offered on the piece: the person has not declined it. */
  mayOffer(offer: Offer): boolean;
  decline(offer: Offer): void;
  readonly origin: Origin | undefined;
  /** Takes the step to another reading of the text, once what is under way has come in; undefined for the one in which it came. */
  readAs(reading: TextReading | undefined): void;
  /** Copies the clean text, plain and formatted. */
  copy(): void;
  readonly lost: LostWork;
  /** What is to reach the worker before the clean text is what the person asked for. */
  readonly underWay: UnderWay;
  /** The step of the answer to a doubt was taken; nothing more is to be kept of it. */
  answered(key: string): void;
  readonly ready: Ready;
  readonly decisions: Decisions;
  readonly slowRules: readonly OwnRule[];
  /** Hidden characters show as signs. */
  readonly isSigned: boolean;
  sign(isSigned: boolean): void;
  /** The pass whose edits are lit up. */
  readonly lit: string | undefined;
  light(pass: string | undefined): void;
  readonly place: PlaceKeeper;
  readonly tour: Tour | undefined;
  /** Goes to the text and shows places there; undefined ends the tour. */
  show(tour: Tour | undefined): void;
  /** What the drawer is open for; undefined while it is closed. */
  readonly drawer: Drawer | undefined;
  openDrawer(drawer: Drawer | undefined): void;
}

/** `look`: what to look for, with hidden characters as signs. `pass`: the edits to list. */
export interface Drawer {
  readonly look?: string;
  readonly pass?: string;
  /** Opened to type in: the field takes the keys at once. */
  readonly forTyping?: boolean;
}

export function usePiece(): PieceView {
  return useOutletContext<PieceView>();
}
