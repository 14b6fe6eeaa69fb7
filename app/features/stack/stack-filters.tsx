import { Input, SearchField } from 'react-aria-components';
import { styled } from 'styled-components';
import { QuietButton } from '../../ui/buttons.tsx';
import { fieldStyle } from '../../ui/field-style.ts';
import { Segments } from '../../ui/segments.tsx';
import { bucketWords } from './bucket-words.ts';
import type { Bucket, Overview, Shown } from './stack-view.ts';

interface StackFiltersProps {
  readonly overview: Overview;
  readonly shown: Shown;
  readonly onShow: (shown: Shown) => void;
  readonly query: string;
  readonly onQuery: (query: string) => void;
  readonly bucket: Bucket | undefined;
  readonly onNoBucket: () => void;
}

/** Which files the list shows. */
export function StackFilters(props: StackFiltersProps) {
  const { overview, shown, onShow, query, onQuery, bucket, onNoBucket } = props;
  const count = (value: number) => value.toLocaleString('en');
  return (
    <Row>
      <Segments
        label="Show"
        chosen={shown}
        options={[
          { value: 'all', title: `All ${count(overview.all)}` },
          { value: 'questions', title: `With questions ${count(overview.withQuestions)}` },
          { value: 'problems', title: `Not cleaned ${count(overview.problems)}` },
          { value: 'waiting', title: `Waiting ${count(overview.waiting)}` },
        ]}
        onChoose={onShow}
      />
      {bucket && (
        <QuietButton
          aria-label={`Show files with any number of questions again, not only ${bucketWords(bucket)}`}
          onPress={onNoBucket}
        >
          {bucketWords(bucket)} ✕
        </QuietButton>
      )}
      <SearchField aria-label="Search the files by name" value={query} onChange={onQuery}>
        <Search placeholder="Search by name" />
      </SearchField>
    </Row>
  );
}

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  padding: 10px 20px;
  > :last-child {
    margin-left: auto;
  }
`;

const Search = styled(Input)`
  ${fieldStyle}
  width: 190px;
`;
