import { styled } from 'styled-components';
import { isPassOn, PASS_GROUPS, PASSES, type Step, type Style } from '../../../core/index.ts';
import { PassSettings } from '../../style-parts/pass-settings.tsx';
import { Switch } from '../../ui/switch.tsx';

interface PassSwitchesProps {
  readonly style: Style;
  readonly take: (step: Step) => void;
}

/** Every pass with its switch, by group; the settings of those that are on. */
export function PassSwitches({ style, take }: PassSwitchesProps) {
  return (
    <Groups>
      {PASS_GROUPS.map(({ id: group, title }) => (
        <section key={group}>
          <h3>{title}</h3>
          {PASSES.filter((pass) => pass.group === group).map((pass) => (
            <div key={pass.id}>
              <Item title={pass.summary}>
                <Switch
                  aria-label={pass.title}
                  isSelected={isPassOn(style, pass.id)}
                  onChange={(on) => take({ kind: 'switch-pass', pass: pass.id, on })}
                />
                {pass.title}
              </Item>
              {isPassOn(style, pass.id) && (
                <PassSettings
                  pass={pass}
                  style={style}
                  onChoose={(setting, value) => take({ kind: 'set-pass', pass: pass.id, setting, value })}
                />
              )}
            </div>
          ))}
        </section>
      ))}
    </Groups>
  );
}

const Groups = styled.div`
  columns: 3 240px;
  column-gap: 24px;
  section {
    break-inside: avoid;
    margin-bottom: 14px;
  }
  h3 {
    margin: 0 0 4px;
    font-size: 13px;
    font-weight: 600;
    color: var(--soft);
  }
`;

const Item = styled.div`
  display: flex;
  gap: 9px;
  align-items: center;
  padding: 1px 0;
`;
