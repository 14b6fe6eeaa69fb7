import { startTransition, useEffect, useState } from 'react';
import type { GroupView, LineShape, Reading, ShapeDifference, ShapePreview } from '../../../../core/index.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';
import type { Ready } from '../state/use-cleaning.ts';
import type { Teaching } from './use-teaching.ts';

/** The groups of lines of the source; undefined until they are there. The source never changes, so they are asked for once. */
export function useGroups({ client }: Ready): readonly GroupView[] | undefined {
  const [groups, setGroups] = useState<readonly GroupView[]>();
  useEffect(() => {
    let isCurrent = true;
    client.shapes.groups().then((found) => isCurrent && startTransition(() => setGroups(found)), ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client]);
  return groups;
}

/** What a shape would do to the text, and of what shape that is told; the one before stays in sight until the new one is there. */
export function useShapePreview(
  { client }: Ready,
  shape: LineShape | undefined,
): { readonly shape: LineShape; readonly preview: ShapePreview } | undefined {
  const [shown, setShown] = useState<{ readonly shape: LineShape; readonly preview: ShapePreview }>();
  useEffect(() => {
    if (!shape) return undefined;
    let isCurrent = true;
    client.shapes
      .preview(shape)
      .then((preview) => isCurrent && startTransition(() => setShown({ shape, preview })), ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client, shape]);
  return shape && shown;
}

/** Another reading of the examples, and the line that tells it from the one in force. */
export interface OtherReading extends ShapeDifference {
  readonly reading: Reading;
}

/** The first other reading that would take a line of the text differently; undefined where none would. */
export function useOtherReading({ client }: Ready, { shape, others }: Teaching): OtherReading | undefined {
  const [found, setFound] = useState<OtherReading>();
  useEffect(() => {
    let isCurrent = true;
    const look = async () => {
      for (const other of others) {
        const difference = shape && (await client.shapes.difference(shape, other.shape));
        if (!isCurrent) return;
        if (difference) return setFound({ ...difference, reading: other.reading });
      }
      setFound(undefined);
    };
    look().catch(ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client, shape, others]);
  return found;
}
