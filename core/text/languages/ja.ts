import type { LanguageData } from './language-data.ts';

export const ja = {
  id: 'ja',
  name: 'Japanese',
  script: /[\u3041-\u30ff]/u,
  functionWords: '',
  referring: '',
  abbreviations: '',
  suspenders: '',
  closings:
    '(?:どうぞ)?(?:よろしく|宜しく)お願い(?:いたし|致し|申し上げ|し)ます|敬具|敬白|かしこ|草々|取り急ぎ(?:お礼|御礼|ご連絡)まで',
  subjects: '件名',
  figures: '図|表|写真|地図',
  sounds: '音楽 拍手 笑 笑い 笑い声 ため息 咳 沈黙',
  quotes: { double: ['「', '」'], single: ['『', '』'] },
  wide: true,
  page: {
    home: 'ホーム|トップページ',
    rights: '無断転載禁止|無断転載を禁じます',
    marks: '編集|要出典',
    notes: '注|注釈',
    contents: '目次|このページの内容',
    skips: 'コンテンツへスキップ|本文へスキップ|メインコンテンツへ移動',
    buttons:
      '続きを読む|もっと見る|この記事をシェア|リンクをコピー|コメントを残す|ページの先頭へ|トップへ戻る|カートに入れる|すべて同意|すべて拒否',
    labels:
      'ログイン|ログアウト|新規登録|会員登録|マイページ|関連記事|おすすめ記事|人気記事|最新記事|前の記事|次の記事|前のページ|次のページ|プライバシーポリシー|利用規約|サイトマップ|お問い合わせ|運営会社',
    menu: 'メニュー|検索|ニュース|ヘルプ|カテゴリー|アーカイブ',
    beside: 'コメント|目次|編集',
    actions: 'シェア|保存|印刷|返信|いいね|広告|ツイート',
    counted: '件のコメント|分で読めます',
    filed: 'カテゴリー|タグ',
    elsewhere: '関連記事|あわせて読みたい',
    more: '関連記事|おすすめの記事|あわせて読みたい',
  },
  dictionaries: [],
} as const satisfies LanguageData;
