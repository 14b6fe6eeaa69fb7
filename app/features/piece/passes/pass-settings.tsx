import { styled } from 'styled-components';
import { settingsOf, type Pass, type Style } from '../../../../core/index.ts';
import { PickList } from '../../../ui/pick-list.tsx';

interface PassSettingsProps {
  readonly pass: Pass;
  readonly style: Style;
  readonly onChoose: (setting: string, value: string) => void;
}

/** The settings of a pass, each with the values that it may have. */
export function PassSettings({ pass, style, onChoose }: PassSettingsProps) {
  const values = settingsOf(style, pass);
  return (pass.settings ?? []).map(({ id, title, options }) => (
    <Setting
      key={id}
      label={`${pass.title}: ${title}`}
      hidesLabel
      chosen={values[id]!}
      options={options}
      onChoose={(value) => onChoose(id, value)}
    />
  ));
}

const Setting = styled(PickList)`
  margin: 0 10px 5px 49px;
`;
