import {
  findPass,
  isRuleId,
  isShapeId,
  showHidden,
  type LineShape,
  type OwnRule,
  type Style,
} from '../../../../core/index.ts';

/** An own rule in short: “Pell” → “Averill”; hidden characters as signs. */
export function ruleTitle({ query, insert }: OwnRule): string {
  const shown = (text: string) => (text.trim() === '' ? showHidden(text) : showHidden(text).replaceAll('␣', ' '));
  const what = query.expression ? `/${shown(query.text)}/` : `“${shown(query.text)}”`;
  return insert === '' ? `${what} taken out` : `${what} → “${shown(insert)}”`;
}

/** What a pass, an own rule or a taught shape is called. */
export function passTitle(id: string, style: Style): string {
  if (isShapeId(id)) return shapeTitle(style.shapes?.find((shape) => shape.id === id));
  if (!isRuleId(id)) return findPass(id)?.title ?? 'By hand';
  const rule = style.rules?.find((own) => own.id === id);
  return rule ? ruleTitle(rule) : 'An own rule';
}

function shapeTitle(shape: LineShape | undefined): string {
  return shape ? `Line shape “${shape.name}”` : 'A line shape';
}
