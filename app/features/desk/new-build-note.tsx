import { useEffect, useState } from 'react';
import { watchForNewBuild, type NewBuild } from '../../offline/new-build.ts';
import { Button } from '../../ui/buttons.tsx';
import { Notice } from '../../ui/notice.tsx';

/** Says on the desk, where no work is open, that a new version is there. It never comes by itself in the middle of something. */
export function NewBuildNote() {
  const [build, setBuild] = useState<NewBuild>();
  const [isElsewhere, setElsewhere] = useState(false);
  useEffect(() => watchForNewBuild(setBuild), []);
  if (!build) return null;
  return (
    <Notice>
      <span>
        {isElsewhere
          ? 'Close the other tabs of this program first: work that is open there goes on in the version that it began with.'
          : 'A new version is ready. It starts when you close all tabs of this program.'}
      </span>
      <Button onPress={() => void build.use().then((isUsed) => setElsewhere(!isUsed))}>Use it now</Button>
    </Notice>
  );
}
