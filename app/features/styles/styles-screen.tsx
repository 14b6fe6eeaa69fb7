import { useState } from 'react';
import { FileTrigger, ListBox, ListBoxSection, Header } from 'react-aria-components';
import { styled } from 'styled-components';
import { BUILT_IN_STYLES } from '../../../core/index.ts';
import { StorageProblemNote } from '../../storage-problem-note.tsx';
import { Button, PrimaryButton } from '../../ui/buttons.tsx';
import { home } from '../../ui/focus-home.tsx';
import { HeaderLink, PageHeader, PageTitle } from '../../ui/page-header.tsx';
import { SideItem } from '../../ui/side-item.ts';
import { forWords } from '../../style-parts/style-words.ts';
import { StyleEditor } from './style-editor.tsx';
import type { StylesData } from './styles-actions.ts';
import { useStyles } from './use-styles.ts';

/** The person's styles, and those that come with the program: made, changed, compared and shared. */
export function StylesScreen({ stored }: { readonly stored: StylesData }) {
  const styles = useStyles(stored.styles);
  const own = styles.all.toSorted((a, b) => a.name.localeCompare(b.name));
  const [chosen, choose] = useState<string>(own[0]?.id ?? BUILT_IN_STYLES[0]!.id);
  const record = own.find(({ id }) => id === chosen);
  const builtIn = BUILT_IN_STYLES.find(({ id }) => id === chosen) ?? BUILT_IN_STYLES[0]!;
  return (
    <Page>
      <PageHeader>
        <PageTitle>House styles</PageTitle>
        <HeaderLink to="/">Desk</HeaderLink>
      </PageHeader>
      <StorageProblemNote problem={stored.problem} />
      <Columns {...home}>
        <Side>
          <Row>
            <PrimaryButton onPress={() => choose(styles.create())}>New style</PrimaryButton>
            <FileTrigger
              allowsMultiple
              acceptedFileTypes={['.json']}
              onSelect={(files) => {
                if (files) void styles.takeFiles([...files]).then((id) => id !== undefined && choose(id));
              }}
            >
              <Button>Open a file</Button>
            </FileTrigger>
          </Row>
          <ListBox
            aria-label="House styles"
            selectionMode="single"
            disallowEmptySelection
            selectedKeys={[record?.id ?? builtIn.id]}
            onSelectionChange={(keys) => choose(String([...keys][0]))}
          >
            <ListBoxSection>
              <Heading>Yours</Heading>
              {own.length === 0 ? (
                <Empty id="none" textValue="None yet" isDisabled>
                  None yet. Keep one from a piece, or make one here.
                </Empty>
              ) : (
                own.map(({ id, name, for: texts }) => (
                  <Item key={id} id={id} textValue={name}>
                    <b>{name}</b>
                    {forWords(texts) !== undefined && <small>{forWords(texts)}</small>}
                  </Item>
                ))
              )}
            </ListBoxSection>
            <ListBoxSection>
              <Heading>They come with the program</Heading>
              {BUILT_IN_STYLES.map(({ id, name }) => (
                <Item key={id} id={id} textValue={name}>
                  <b>{name}</b>
                </Item>
              ))}
            </ListBoxSection>
          </ListBox>
        </Side>
        <StyleEditor
          key={record?.id ?? builtIn.id}
          record={record}
          style={record ?? builtIn}
          others={[...BUILT_IN_STYLES, ...own]}
          onChange={styles.change}
          onDuplicate={() => choose(styles.duplicate(record ?? builtIn))}
          onRemove={() => {
            if (record) styles.remove(record);
            choose(BUILT_IN_STYLES[0]!.id);
          }}
        />
      </Columns>
    </Page>
  );
}

const Page = styled.div`
  height: 100%;
  display: flex;
  flex-direction: column;
`;

const Columns = styled.main`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 290px minmax(0, 1fr);
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: 34% minmax(0, 1fr);
  }
`;

const Side = styled.div`
  display: flex;
  flex-direction: column;
  gap: 14px;
  padding: 18px 0;
  overflow: auto;
  scrollbar-width: thin;
  border-right: 1px solid var(--line);
`;

const Row = styled.div`
  display: flex;
  gap: 8px;
  padding: 0 16px;
`;

const Heading = styled(Header)`
  padding: 8px 18px 4px;
  font-size: 13px;
  font-weight: 600;
  color: var(--soft);
`;

const Item = styled(SideItem)`
  small {
    font-size: 12.5px;
    color: var(--soft);
  }
`;

const Empty = styled(Item)`
  cursor: default;
  color: var(--soft);
`;
