import { memo, type ComponentType } from 'react';

/**
 * A screen of a piece as a route. The router draws the elements of its routes anew whenever the state of a loader or an action
 * changes, three times for all that is stored; the screen itself takes nothing from it but the piece, and rests.
 */
export function screenRoute(Screen: ComponentType): () => React.JSX.Element {
  const Resting = memo(Screen);
  return function ScreenRoute() {
    return <Resting />;
  };
}
