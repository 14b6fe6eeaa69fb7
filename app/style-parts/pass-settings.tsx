import { lazy, Suspense } from 'react';
import { styled } from 'styled-components';
import { settingsOf, type Pass, type Style } from '../../core/index.ts';

/** Lists that open take much code: the text is shown before it is there. */
const PickList = lazy(() => import('../ui/pick-list.tsx'));

interface PassSettingsProps {
  readonly pass: Pass;
  readonly style: Style;
  readonly onChoose: (setting: string, value: string) => void;
}

/** The settings of a pass, each with the values that it may have. */
export function PassSettings({ pass, style, onChoose }: PassSettingsProps) {
  const values = settingsOf(style, pass);
  return (pass.settings ?? []).map(({ id, title, options }) => (
    <Setting key={id}>
      <Suspense>
        <PickList
          label={`${pass.title}: ${title}`}
          hidesLabel
          chosen={values[id]!}
          options={options}
          onChoose={(value) => onChoose(id, value)}
        />
      </Suspense>
    </Setting>
  ));
}

/** As high as what comes, so that nothing moves when it does. */
const Setting = styled.div`
  min-height: 24px;
  margin: 0 10px 5px 49px;
`;
