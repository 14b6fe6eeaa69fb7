import { styled } from 'styled-components';
import type { Query } from '../../../../core/index.ts';
import { faces } from '../../../ui/theme.ts';
import { SEARCH_LIMIT } from '../../../../worker/search-client.ts';
import type { SearchAnswer } from '../../../../worker/search-service.ts';

/** An expression that did not come to an end. */
export function SlowExpression() {
  return (
    <Problem role="alert">
      <b>This expression takes too long on this text and was stopped after {SEARCH_LIMIT / 1000} seconds.</b>
      <p>
        A repeat inside a repeat, as in <code>(a+)+</code>, makes an expression try every way to divide the same
        letters. Say more exactly what may repeat, or look for the words as they stand.
      </p>
    </Problem>
  );
}

interface WrongExpressionProps {
  readonly problem: Extract<SearchAnswer, { status: 'wrong' }>;
  readonly query: Query;
}

/** What is wrong with an expression, at its place. */
export function WrongExpression({ problem: { message, at }, query }: WrongExpressionProps) {
  return (
    <Problem role="alert">
      <b>The expression is not finished or not right: {message.charAt(0).toLowerCase() + message.slice(1)}.</b>
      {at !== undefined && (
        <pre>
          {query.text}
          {'\n'}
          {' '.repeat(at)}
          <strong>^</strong>
        </pre>
      )}
      <p>
        Expressions are in the ECMAScript dialect, with Unicode on; a sign with a meaning of its own needs \ before it.
      </p>
    </Problem>
  );
}

const Problem = styled.div`
  padding: 14px 18px;
  display: grid;
  gap: 8px;
  border-top: 1px solid var(--line);
  max-width: 80ch;
  b {
    color: var(--bad);
    font-weight: 600;
  }
  p {
    color: var(--soft);
  }
  pre {
    margin: 0;
    padding: 8px 12px;
    border-radius: 8px;
    background: var(--raw);
    font: 13px/1.3 ${faces.source};
    overflow: auto;
  }
  strong {
    color: var(--bad);
  }
`;
